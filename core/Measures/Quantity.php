<?php

declare(strict_types=1);

namespace HotSprue\Measures;

/** What kind of thing a figure is, and so which unit the core holds it in. */
enum Quantity: string
{
    case Length = 'length';
    case Mass = 'mass';
    case Temperature = 'temperature';
    case TemperatureDifference = 'temperature-difference';
    case Millilitres = 'millilitres';
    case CubicMillimetres = 'cubic-millimetres';
    case SquareMillimetres = 'square-millimetres';
    case Angle = 'angle';
    case Minutes = 'minutes';
    case Seconds = 'seconds';
    case Density = 'density';
    case HeatingRate = 'heating-rate';
    case Share = 'share';
    case Number = 'number';
    case Count = 'count';
    case RingSize = 'ring-size';
    case Moment = 'moment';
    case Day = 'day';
    case Choice = 'choice';
    case Text = 'text';
    case YesNo = 'yes-no';
    case Rows = 'rows';
    case Shares = 'shares';

    /** The unit's spelling in answers; null for a text or a list. */
    public function unit(): ?string
    {
        return match ($this) {
            self::Length, self::RingSize => 'mm',
            self::Mass => 'g',
            self::Temperature, self::TemperatureDifference => 'C',
            self::Millilitres => 'ml',
            self::CubicMillimetres => 'mm3',
            self::SquareMillimetres => 'mm2',
            self::Angle => 'deg',
            self::Minutes => 'min',
            self::Seconds => 's',
            self::Density => 'g/cm3',
            self::HeatingRate => 'C/min',
            self::Share, self::Number, self::Count => '1',
            default => null,
        };
    }

    public function isNumeric(): bool
    {
        return $this->unit() !== null;
    }

    /**
     * The largest figure that can be meant; beyond it an entry is refused as absurd.
     */
    public function ceiling(): float
    {
        return match ($this) {
            self::Length, self::RingSize => 1_000.0,
            self::Mass, self::Millilitres => 100_000.0,
            self::Temperature, self::TemperatureDifference => 3_000.0,
            self::CubicMillimetres, self::SquareMillimetres => 100_000_000.0,
            self::Angle => 360.0,
            self::Minutes => 20_160.0,
            self::Seconds => 1_209_600.0,
            self::Density => 30.0,
            self::HeatingRate => 100.0,
            self::Share => 1.0,
            self::Count => 10_000.0,
            default => 1_000_000_000.0,
        };
    }

    /**
     * The smallest figure above nought that can be meant; a nearer one is a slip, and divides into nonsense.
     */
    public function least(): float
    {
        return match ($this) {
            self::Length, self::Minutes, self::Seconds => 0.001,
            self::RingSize => 10.0,
            self::Mass, self::Millilitres => 0.00001,
            self::CubicMillimetres, self::SquareMillimetres => 0.0001,
            self::Density => 0.01,
            self::HeatingRate => 0.5,
            default => 1e-9,
        };
    }

    /** Whether zero means something here: 0 °C, no share, the number nought. */
    public function allowsZero(): bool
    {
        return in_array($this, [self::Temperature, self::Angle, self::Share, self::Number], true);
    }

    /** What a person may type, for the message that refuses something else. */
    public function accepts(): string
    {
        return match ($this) {
            self::Length => 'a length in mm, cm, in (1/8 in) or gauge (16 ga)',
            self::Mass => 'a mass in g, mg, kg, ct, dwt, ozt or grain',
            self::Temperature => 'a temperature in °C or °F',
            self::TemperatureDifference => 'a difference of temperatures in °C or °F',
            self::Millilitres, self::CubicMillimetres => 'a volume in ml, cm³, mm³, US fl oz or imperial fl oz',
            self::SquareMillimetres => 'an area in mm²',
            self::Angle => 'an angle in degrees',
            self::Minutes => 'a time in min, h or s',
            self::Seconds => 'a time in s, min or h',
            self::Density => 'a density in g/cm³',
            self::HeatingRate => 'a rate in °C a minute',
            self::Share => 'a share between 0 and 1, or a percentage such as 1.5 %',
            self::Number => 'a number',
            self::Count => 'a whole number',
            self::RingSize => 'a ring size with its scale (US 7, UK O½, EU 54, JP 14, CH 14), '
                .'or a measure (17.3 mm diameter, 54.4 mm round)',
            self::Moment => 'a date and time such as 2027-03-09T14:00',
            self::Day => 'a date such as 2027-03-09',
            self::Choice => 'one of the names listed',
            self::Text => 'a text',
            self::YesNo => 'true or false',
            self::Rows => 'a list',
            self::Shares => 'an object of shares by name',
        };
    }
}
