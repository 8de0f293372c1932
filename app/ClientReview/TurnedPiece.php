<?php

declare(strict_types=1);

namespace App\ClientReview;

use App\Models\Job;
use App\Solid\Png;
use HotSprue\Job\Document;
use HotSprue\Job\JobAnswers;
use HotSprue\Job\PieceSolid;
use HotSprue\Solid\Fineness;
use HotSprue\Solid\Part;
use HotSprue\Solid\Stage;
use HotSprue\Solid\StillPicture;
use Illuminate\Support\Facades\Cache;

/** The finished piece of a job as its client turns it: one still for each step of a turn, made when it is looked at. */
final readonly class TurnedPiece
{
    public const STEPS = 24;

    private const SIZE = [640, 480];

    private const KEPT = 24 * 3600;

    /** @param non-empty-list<Part> $parts */
    private function __construct(private Job $job, private OfferedPiece $as, private array $parts) {}

    /** Null while its form is not known, and where nothing is offered by that name. */
    public static function of(Job $job, string $name = OfferedDrawings::PIECE): ?self
    {
        $as = OfferedPiece::named($name, $job->settings());
        $parts = $as === null ? [] : self::parts($job, $as->in($job->held(), $job->settings()));

        return $as === null || $parts === [] ? null : new self($job, $as, $parts);
    }

    /** @return list<Part> what is seen of a finished piece */
    private static function parts(Job $job, Document $as): array
    {
        $parts = PieceSolid::parts(JobAnswers::of($as, $job->settings()), Stage::Finished, Fineness::Look);

        return array_values(array_filter($parts, static fn (Part $part): bool => $part->isSeen()));
    }

    public function title(): string
    {
        return $this->as->title();
    }

    /** @return string PNG */
    public function still(int $step): string
    {
        return (string) base64_decode((string) Cache::remember(
            "{$this->as->name}.{$this->job->id}.{$this->job->version}.{$step}", self::KEPT,
            fn (): string => base64_encode(Png::of(
                $this->parts, ...[...self::SIZE, $step / self::STEPS, $this->span()],
            )),
        ), true);
    }

    /** What stands side by side is of one scale: the piece as it is decided. */
    private function span(): float
    {
        $decided = self::parts($this->job, $this->job->held()) ?: $this->parts;

        return max(StillPicture::span($decided), StillPicture::span($this->parts));
    }
}
