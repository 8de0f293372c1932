<?php

declare(strict_types=1);

namespace HotSprue\Job;

use HotSprue\Job\Stations\Brief;
use HotSprue\Job\Stations\Burnout;
use HotSprue\Job\Stations\Finish;
use HotSprue\Job\Stations\Form;
use HotSprue\Job\Stations\HandOver;
use HotSprue\Job\Stations\Join;
use HotSprue\Job\Stations\Pour;
use HotSprue\Job\Stations\Set;
use HotSprue\Job\Stations\Sizing;
use HotSprue\Job\Stations\Stones;
use HotSprue\Job\Stations\Tree;
use HotSprue\Job\Stations\Wax;

/** A place on the bench that a job passes, in order. It locks nobody out. */
enum Station: string
{
    case Brief = 'brief';
    case Form = 'form';
    case Sizing = 'sizing';
    case Stones = 'stones';
    case Wax = 'wax';
    case Tree = 'tree';
    case Burnout = 'burnout';
    case Pour = 'pour';
    case Join = 'join';
    case Set = 'set';
    case Finish = 'finish';
    case HandOver = 'handover';

    /** The station where the decisions or readings of a group are taken. */
    public static function ofGroup(string $group): ?self
    {
        return match ($group) {
            'settings' => self::Stones,
            'cuts' => self::Form,
            'attempts' => self::Wax,
            'castings' => self::Pour,
            'parts', 'joints' => self::Join,
            default => self::tryFrom($group),
        };
    }

    /** Whether what is said at a path is said here or at an earlier station. */
    public function reaches(string $path): bool
    {
        $said = self::ofGroup(explode('.', $path, 2)[0]);
        $order = self::cases();

        return $said === null || array_search($said, $order, true) <= array_search($this, $order, true);
    }

    public function label(): string
    {
        return $this === self::HandOver ? 'Hand over' : ucfirst($this->value);
    }

    /** What is done here: the file of this station. */
    public function plan(): StationPlan
    {
        return match ($this) {
            self::Brief => new Brief,
            self::Form => new Form,
            self::Sizing => new Sizing,
            self::Stones => new Stones,
            self::Wax => new Wax,
            self::Tree => new Tree,
            self::Burnout => new Burnout,
            self::Pour => new Pour,
            self::Join => new Join,
            self::Set => new Set,
            self::Finish => new Finish,
            self::HandOver => new HandOver,
        };
    }

    /** @return list<string> the uses of calculations that are answered here; the first is drawn largest */
    public function uses(): array
    {
        return InputBindings::usesAt($this);
    }
}
