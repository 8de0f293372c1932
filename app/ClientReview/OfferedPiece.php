<?php

declare(strict_types=1);

namespace App\ClientReview;

use HotSprue\Fields\BadInput;
use HotSprue\Job\Change;
use HotSprue\Job\Document;
use HotSprue\Job\TypedChanges;
use HotSprue\Measures\BenchTalk;
use HotSprue\Measures\NotUnderstood;
use HotSprue\Measures\Quantity;
use HotSprue\Stock\Alloy;
use HotSprue\Workshop\WorkshopSettings;

/**
 * A job's piece as its client may have it: as it is decided, or in another metal, or of another width. Its name is
 * "piece", or "piece:alloy:width" with either left out.
 */
final readonly class OfferedPiece
{
    /** Widths of a ring's top that a hand can wear, mm. */
    private const WIDTHS = [0.8, 30.0];

    /** @param ?float $width at the top, mm */
    private function __construct(public string $name, private ?Alloy $alloy, private ?float $width) {}

    /** Null where the name is of no piece that can be offered. */
    public static function named(string $name, WorkshopSettings $settings): ?self
    {
        if ($name === OfferedDrawings::PIECE) {
            return new self($name, null, null);
        }
        if (preg_match('/^piece:([a-z0-9-]*):(\d{1,2}(?:\.\d{1,2})?)?$/D', $name, $found) !== 1) {
            return null;
        }
        [$alloy, $width] = [$found[1], isset($found[2]) ? (float) $found[2] : null];
        $isKnown = $alloy === '' || in_array($alloy, $settings->names('stock.alloys'), true);
        $fits = $width === null || ($width >= self::WIDTHS[0] && $width <= self::WIDTHS[1]);

        return $isKnown && $fits && ($alloy !== '' || $width !== null)
            ? new self($name, $alloy === '' ? null : Alloy::named($alloy, $settings), $width) : null;
    }

    /**
     * In another metal, of another width as it was typed, or both.
     *
     * @throws BadInput where neither is said, the metal is not known, or the width is none
     */
    public static function said(?string $alloy, ?string $width, WorkshopSettings $settings): self
    {
        try {
            $mm = trim((string) $width) === '' ? null : BenchTalk::read(Quantity::Length, (string) $width);
        } catch (NotUnderstood $not) {
            throw BadInput::field('others', $not->getMessage());
        }

        return self::named(sprintf('piece:%s:%s', $alloy, $mm === null ? '' : round($mm, 2)), $settings)
            ?? throw BadInput::field('others', sprintf(
                'Say another metal, or a width of %s to %s mm.', self::WIDTHS[0], self::WIDTHS[1],
            ));
    }

    /** As its client reads it. */
    public function title(): string
    {
        if ($this->alloy === null && $this->width === null) {
            return OfferedDrawings::title(OfferedDrawings::PIECE);
        }
        $metal = $this->alloy === null ? '' : " in {$this->alloy->label}";
        $width = rtrim(rtrim(sprintf('%.2f', $this->width), '0'), '.');

        return "Your ring{$metal}".($this->width === null ? '' : ", {$width} mm wide");
    }

    /** @return list<Change> what makes the job's piece this one */
    public function changes(Document $job): array
    {
        $change = static fn (string $path, mixed $to): Change => new Change($path, $job->at($path), $to);

        return array_values(array_filter([
            $this->alloy === null ? null : $change('brief.alloy', $this->alloy->name),
            $this->width === null ? null : $change('form.width_top', "{$this->width} mm"),
        ]));
    }

    public function in(Document $job, WorkshopSettings $settings): Document
    {
        return $job->with(TypedChanges::read($this->changes($job), $settings));
    }
}
