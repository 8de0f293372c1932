<?php

declare(strict_types=1);

namespace HotSprue\Asking;

/** The sums as they follow one another at the bench. */
enum SumGroup: string
{
    case Size = 'Size and form';
    case Stones = 'Stones and their seats';
    case Layout = 'Layouts';
    case Wax = 'Wax';
    case Metal = 'Metal';
    case Casting = 'Casting';
    case Hand = 'Made by hand';
    case Solder = 'Solder';
    case Setting = 'Setting and finishing';
    case House = 'The workshop';

    public static function of(string $calculation): self
    {
        return match (explode('.', $calculation)[0]) {
            'size' => $calculation === 'size.change' ? self::Hand : self::Size,
            'form' => self::Size,
            'stone', 'seat', 'setting', 'care' => $calculation === 'care.advice' ? self::Setting : self::Stones,
            'settings' => self::Stones,
            'layout' => self::Layout,
            'wax', 'clay', 'blank' => self::Wax,
            'metal', 'alloy' => self::Metal,
            'sprue', 'flask', 'tree', 'investment', 'pour', 'burnout', 'spin', 'cast' => self::Casting,
            'strip', 'stock', 'plate', 'wire', 'forge', 'seam', 'ingot', 'anneal', 'inlay' => self::Hand,
            'join', 'stretch', 'heat' => self::Solder,
            'own', 'time', 'price' => self::House,
            default => self::Setting,
        };
    }
}
