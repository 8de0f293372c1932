<?php

declare(strict_types=1);

namespace HotSprue\Job;

use HotSprue\Measures\Quantity;
use HotSprue\Workshop\WorkshopFields;
use HotSprue\Workshop\WorkshopSettings;

/** A figure that every finished job says something of. Source: workbook 17. */
enum LearntFigure: string
{
    private const DAY = 1440.0;

    case ShrinkageCarved = 'shrinkage.carved';
    case ShrinkageMould = 'shrinkage.mould';
    case ShrinkageResin = 'shrinkage.resin';
    case MeltingLoss = 'melting-loss';
    case FinishingLoss = 'finishing-loss';
    case BriefMinutes = 'time.brief';
    case FormMinutes = 'time.form';
    case LookMinutes = 'time.look';
    case CleaningMinutes = 'time.cleaning';
    case HeatMinutes = 'time.heat';
    case PrefinishMinutes = 'time.prefinish';
    case SizingMinutes = 'time.sizing';
    case HandOverMinutes = 'time.handover';
    case Late = 'time.late_spread';
    case WaxFactor = 'wax-factor';
    case ButtonShare = 'button-share';
    case MetalOver = 'over.metal';
    case BenchOver = 'over.bench';
    case SettingOver = 'over.setting';

    public function label(): string
    {
        return match ($this) {
            self::ShrinkageCarved => 'shrinkage of carved wax', self::ShrinkageMould => 'shrinkage from a mould',
            self::ShrinkageResin => 'shrinkage of printed resin',
            self::MeltingLoss => 'lost in melting', self::FinishingLoss => 'lost in finishing',
            self::Late => 'days handed over past the day promised',
            self::WaxFactor => 'casting over what its wax promised',
            self::ButtonShare => 'button, as a share of the rest of the charge',
            self::MetalOver => 'metal used over metal quoted', self::BenchOver => 'bench time over time quoted',
            self::SettingOver => 'setting time over time quoted',
            default => 'minutes: '.WorkshopFields::all()[$this->value]->meaning,
        };
    }

    public function quantity(): Quantity
    {
        return match (true) {
            $this->isMinutes() => Quantity::Minutes,
            $this === self::WaxFactor, $this->isOver() => Quantity::Number,
            default => Quantity::Share,
        };
    }

    /** The workshop figure that it may stand for; null where none is reckoned with. */
    public function setting(): ?string
    {
        return str_contains($this->value, '.') && ! $this->isOver() ? $this->value : null;
    }

    /** Whether the workshop figure is how far the samples spread, rather than their middle. */
    public function isSpread(): bool
    {
        return $this === self::Late;
    }

    /** What is usual: as shipped, or what a bench expects of a loss. */
    public function usual(): float
    {
        $shipped = WorkshopSettings::shipped();

        return match ($this) {
            self::MeltingLoss => $shipped->num('cast.loss_caution') / 2,
            self::FinishingLoss => $shipped->num('finish.loss') / 2,
            // By the method that most pour by; a button is never under its least mass, so a small ring's is more.
            self::ButtonShare => $shipped->num('charge.button_spin'),
            // What was promised, and what was quoted, was right.
            self::WaxFactor, self::MetalOver, self::BenchOver, self::SettingOver => 1.0,
            default => $shipped->num($this->value),
        };
    }

    /**
     * The least that its instrument tells apart: a caliper of 0.01 mm on a bore of 17, a balance of 0.01 g on 20 g, a
     * hand that starts and ends a step to the minute.
     */
    public function step(): float
    {
        return match ($this) {
            self::ShrinkageCarved, self::ShrinkageMould, self::ShrinkageResin => 0.01 / 17,
            self::MeltingLoss, self::FinishingLoss, self::ButtonShare, self::WaxFactor, self::MetalOver => 0.01 / 20,
            // A minute of an hour and a half; a day for what is counted in days.
            self::BenchOver, self::SettingOver => 0.01,
            self::Late => self::DAY,
            default => 1.0,
        };
    }

    /** What a job says of it; null where it says nothing. Only lateness may lie below nought. */
    public function of(JobAnswers $answers, Document $document, FinishedWork $work): ?float
    {
        $value = match ($this) {
            self::ShrinkageCarved, self::ShrinkageMould,
            self::ShrinkageResin => ($document->text('wax.process') ?? 'carved') === explode('.', $this->value)[1]
                ? $answers->value('cast.check', 'shrinkage')
                : null,
            self::MeltingLoss => $answers->value('cast.check', 'loss_share'),
            self::FinishingLoss => $answers->value('finish.plan', 'loss_share'),
            self::WaxFactor => self::overPromise($answers, $document),
            self::ButtonShare => CastMetal::of($document)->buttonShare(),
            self::MetalOver, self::BenchOver, self::SettingOver => $work->over[substr($this->value, 5)] ?? null,
            self::Late => $work->late,
            default => $work->minutesOf(
                ['time.cleaning' => 'clean', 'time.heat' => 'heat'][$this->value] ?? substr($this->value, 5),
            ),
        };

        return is_numeric($value) && ($value >= 0 || $this === self::Late) ? (float) $value : null;
    }

    private static function overPromise(JobAnswers $answers, Document $document): ?float
    {
        $off = $answers->value('cast.check', 'off_expected');
        $casting = CastMetal::of($document)->mass('casting_mass');

        return is_numeric($off) && $casting !== null && $casting > $off ? $casting / ($casting - $off) : null;
    }

    private function isMinutes(): bool
    {
        return str_starts_with($this->value, 'time.');
    }

    private function isOver(): bool
    {
        return str_starts_with($this->value, 'over.');
    }
}
