<?php

declare(strict_types=1);

namespace HotSprue\Job;

use HotSprue\Rules\Rules;
use HotSprue\Sheet\Answer;
use HotSprue\Sheet\BadInput;
use HotSprue\Sheet\Input;
use HotSprue\Sheet\Origin;
use HotSprue\Sheet\Sheets;

/** Reckons a whole job: every use of a sheet in turn, fed by the one table. Pure. */
final class JobReckoner
{
    /** Inputs without which a use makes no sense on a job, beyond those its sheet requires. */
    private const NEEDS = [
        'size.fit' => ['inner_diameter'], 'form.band' => ['inner_diameter'], 'wax.dimensions' => ['inner_diameter'], 'wax.pattern' => ['inner_diameter'],
        'sprue.size' => ['width', 'thickness', 'inner_diameter'], 'metal.charge' => ['alloy'],
    ];

    /** @var array<string, Answer> */
    private array $answers = [];

    /** @var array<string, Input> */
    private array $inputs = [];

    /** @var array<string, array<string, string>> */
    private array $paths = [];

    /** @var array<string, list<string>> */
    private array $wants = [];

    /** @var array<string, array<string, list<string>>> */
    private array $errors = [];

    private function __construct(private readonly Document $document, private readonly Rules $rules) {}

    public static function reckon(Document $document, Rules $rules): Reckoned
    {
        $reckoner = new self($document, $rules);
        foreach (array_keys(Feeds::table()) as $use) {
            $reckoner->use($use);
        }

        return new Reckoned($reckoner->answers, $reckoner->inputs, $reckoner->paths, $reckoner->wants, $reckoner->errors);
    }

    private function use(string $use): void
    {
        ['sheet' => $sheet, 'inputs' => $feeds] = Feeds::table()[$use];
        $raw = $origins = [];
        $this->paths[$use] = [];
        foreach ($feeds as $name => $sources) {
            foreach ($sources as $source) {
                $value = $this->ask($source);
                if ($value === null) {
                    continue;
                }
                $raw[$name] = $value;
                $origins[$name] = match ($source->kind) {
                    'decision' => Origin::Typed,
                    'reading' => Origin::Measured,
                    default => Origin::Reckoned,
                };
                $path = $this->path($source);
                if ($path !== null) {
                    $this->paths[$use][$name] = $path;
                }
                break;
            }
        }
        $missing = $this->missing($use, $sheet, $raw);
        if ($missing !== []) {
            $this->wants[$use] = $missing;

            return;
        }
        try {
            $this->inputs[$use] = Input::read(Sheets::describe($sheet)->inputs, $raw, $this->rules, $origins);
            $this->answers[$use] = Sheets::named($sheet)->reckon($this->inputs[$use], $this->rules);
        } catch (BadInput $bad) {
            $this->errors[$use] = $bad->errors;
        }
    }

    private function ask(Source $source): mixed
    {
        if ($source->unless !== null && $this->isMade($source->unless)) {
            return null;
        }
        $value = match ($source->kind) {
            'decision' => $this->document->decision($source->name),
            'reading' => $this->reading($source->name, $source->result),
            'result' => isset($this->answers[$source->name]) ? $this->answers[$source->name]->value($source->result) : null,
            default => $source->name,
        };
        if ($value === null) {
            return null;
        }
        if ($source->factor !== 1.0 && is_numeric($value)) {
            $value *= $source->factor;
        }
        if ($source->plus !== null) {
            $more = $this->ask($source->plus);
            if (! is_numeric($more) || ! is_numeric($value)) {
                return null;
            }
            $value += $more;
        }

        return $source->listed ? [$value] : $value;
    }

    private function isMade(string $path): bool
    {
        [$group, $name] = explode('.', $path, 2);

        return in_array($group, ReadingFields::GROUPS, true)
            ? $this->reading($group, $name) !== null
            : $this->document->decision($path) !== null;
    }

    private function inHand(string $group): ?int
    {
        return $group === 'attempts' ? $this->document->attemptInHand() : $this->document->castingInHand();
    }

    private function reading(string $group, string $name): mixed
    {
        $index = $this->inHand($group);

        return $index === null ? null : ($this->document->list($group)[$index][$name]['value'] ?? null);
    }

    private function path(Source $source): ?string
    {
        return match ($source->kind) {
            'decision' => $source->name,
            'reading' => sprintf('%s.%d.%s', $source->name, $this->inHand($source->name) ?? 0, $source->result),
            default => null,
        };
    }

    /**
     * @param  array<string, mixed>  $raw
     * @return list<string> the paths that would give what is missing
     */
    private function missing(string $use, string $sheet, array $raw): array
    {
        $needed = self::NEEDS[$use] ?? [];
        foreach (Sheets::describe($sheet)->inputs as $field) {
            if ($field->required) {
                $needed[] = $field->name;
            }
        }
        $paths = [];
        foreach (array_unique($needed) as $name) {
            if (! array_key_exists($name, $raw)) {
                $paths = [...$paths, ...$this->wanted($use, $name)];
            }
        }

        return array_values(array_unique($paths));
    }

    /** @return list<string> */
    private function wanted(string $use, string $input): array
    {
        $sources = Feeds::table()[$use]['inputs'][$input] ?? [];
        foreach (array_reverse($sources) as $source) {
            if ($source->kind === 'result') {
                return $this->wants[$source->name] ?? array_keys($this->errors[$source->name] ?? []) ?: [$source->name];
            }
            if ($source->kind !== 'fixed') {
                return [(string) $this->path($source)];
            }
        }

        return [];
    }
}
