<?php

declare(strict_types=1);

namespace HotSprue\Job;

use HotSprue\Calculation\Finding;
use HotSprue\Calculation\Level;
use HotSprue\Calculations;

/** A finding as a station shows it: what it is about, what one tap would mend, and whether it was overridden. */
final readonly class ShownFinding
{
    /** What no calculation finds, in a line. */
    private const OF_JOB = ['changed-since-approval' => 'changed since the client said that it may be cast'];

    /**
     * @param  list<array{path: string, value: mixed}>  $fixes
     * @param  array<string, mixed>|null  $override
     * @param  ?string  $of  which setting or stone it is of, where there are several
     */
    private function __construct(
        public Finding $finding,
        private string $use,
        private ?string $path,
        private mixed $value,
        private array $fixes,
        private ?array $override,
        private ?string $of = null,
    ) {}

    public static function of(string $use, Finding $finding, JobAnswers $job): self
    {
        $fixes = [];
        foreach ($finding->set as $input => $value) {
            $path = $job->editable($use, $input);
            if ($path !== null && Document::isDecided($path)) {
                $fixes[] = ['path' => $path, 'value' => $value];
            }
        }
        $value = self::about($use, $finding->about, $job);

        return new self(
            $finding, $use, $job->editable($use, $finding->about), $value,
            count($fixes) === count($finding->set) ? $fixes : [],
            self::overrideOf($use, $finding, $value, $job->document), (new RowUses($job))->rowName($use),
        );
    }

    /** What no calculation found: it is about the whole job. */
    public static function ofJob(string $use, Finding $finding): self
    {
        return new self($finding, $use, null, null, [], null);
    }

    /** What it is about, in a line: as the calculation that finds it says. */
    public function title(): string
    {
        $use = InputBindings::use($this->use);

        $said = $use === null ? [] : Calculations::describe($use->calculation)->findings;
        $code = $this->finding->code;

        return $said[$code] ?? self::OF_JOB[$code] ?? str_replace('-', ' ', $code);
    }

    /** The key of the row that it is of: of `seat.bezel@k3f2`, `k3f2`. */
    public function row(): ?string
    {
        return explode('@', $this->use, 2)[1] ?? null;
    }

    /** Whether it stands open: nobody gave a reason why it may be so. */
    public function isOpen(): bool
    {
        return $this->override === null;
    }

    /** A stop that stands open keeps a station from being signed. */
    public function blocks(): bool
    {
        return $this->finding->level === Level::Stop && $this->isOpen();
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            ...$this->finding->toArray(), 'use' => $this->use, 'path' => $this->path, 'value' => $this->value,
            'fixes' => $this->fixes, 'override' => $this->override, 'of' => $this->of, 'title' => $this->title(),
        ];
    }

    private static function about(string $use, string $about, JobAnswers $job): mixed
    {
        return ($job->input($use)?->values() ?? [])[$about] ?? $job->value($use, $about);
    }

    /**
     * @return array<string, mixed>|null the override that still holds: it lapses when the value it was given for
     * changes
     */
    private static function overrideOf(string $use, Finding $finding, mixed $value, Document $document): ?array
    {
        foreach ($document->list('overrides') as $override) {
            $isOfThis = $override['use'] === $use && $override['code'] === $finding->code;
            if ($isOfThis && Change::same($override['value'] ?? null, $value)) {
                return $override;
            }
        }

        return null;
    }
}
