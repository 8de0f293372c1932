<?php

declare(strict_types=1);

namespace HotSprue\Job;

use HotSprue\Measures\Quantity;
use HotSprue\Workshop\WorkshopFields;
use HotSprue\Workshop\WorkshopSettings;

/** A figure that every finished job says something of. Source: workbook 17. */
enum LearntFigure: string
{
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

    public function label(): string
    {
        return match ($this) {
            self::ShrinkageCarved => 'shrinkage of carved wax', self::ShrinkageMould => 'shrinkage from a mould',
            self::ShrinkageResin => 'shrinkage of printed resin',
            self::MeltingLoss => 'lost in melting', self::FinishingLoss => 'lost in finishing',
            default => 'minutes: '.WorkshopFields::all()[$this->value]->meaning,
        };
    }

    public function quantity(): Quantity
    {
        return $this->isMinutes() ? Quantity::Minutes : Quantity::Share;
    }

    /** The workshop figure that it may stand for; null where none is reckoned with. */
    public function setting(): ?string
    {
        return str_contains($this->value, '.') ? $this->value : null;
    }

    /** What is usual: as shipped, or what a bench expects of a loss. */
    public function usual(): float
    {
        $shipped = WorkshopSettings::shipped();

        return match ($this) {
            self::MeltingLoss => $shipped->num('cast.loss_caution') / 2,
            self::FinishingLoss => $shipped->num('finish.loss') / 2,
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
            self::MeltingLoss, self::FinishingLoss => 0.01 / 20,
            default => 1.0,
        };
    }

    /**
     * What a job says of it; null where it says nothing.
     *
     * @param  array<string, float>  $minutes  worked, by the steps that were timed and done
     */
    public function of(JobAnswers $answers, Document $document, array $minutes = []): ?float
    {
        $value = match ($this) {
            self::ShrinkageCarved, self::ShrinkageMould,
            self::ShrinkageResin => ($document->text('wax.process') ?? 'carved') === explode('.', $this->value)[1]
                ? $answers->value('cast.check', 'shrinkage')
                : null,
            self::MeltingLoss => $answers->value('cast.check', 'loss_share'),
            self::FinishingLoss => $answers->value('finish.plan', 'loss_share'),
            default => $this->timed($minutes),
        };

        return is_numeric($value) && $value >= 0 ? (float) $value : null;
    }

    private function isMinutes(): bool
    {
        return str_starts_with($this->value, 'time.');
    }

    /**
     * Heats are timed one by one, and each says the same.
     *
     * @param  array<string, float>  $minutes
     */
    private function timed(array $minutes): ?float
    {
        $step = ['time.cleaning' => 'clean', 'time.heat' => 'heat'][$this->value] ?? substr($this->value, 5);
        $timed = array_filter($minutes, static fn (float $long, string $name): bool => $long >= 1
            && preg_match("/^{$step}(-\\d+)?$/D", $name) === 1, ARRAY_FILTER_USE_BOTH);

        return $timed === [] ? null : array_sum($timed) / count($timed);
    }
}
