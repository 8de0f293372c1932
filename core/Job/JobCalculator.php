<?php

declare(strict_types=1);

namespace HotSprue\Job;

use Closure;
use HotSprue\Calculation\Answer;
use HotSprue\Calculations;
use HotSprue\Fields\BadInput;
use HotSprue\Fields\Input;
use HotSprue\Fields\Origin;
use HotSprue\Workshop\WorkshopSettings;

/** Reckons a whole job: every use of a sheet in turn, fed by the one table. Pure. */
final class JobCalculator
{
    /** Inputs without which a use makes no sense on a job, beyond those its sheet requires. */
    private const NEEDS = [
        'size.fit' => ['inner_diameter'], 'form.band' => ['inner_diameter'], 'wax.dimensions' => ['inner_diameter'], 'wax.pattern' => ['inner_diameter'],
        'sprue.size' => ['width', 'thickness', 'inner_diameter'], 'metal.charge' => ['alloy'], 'burnout.core' => ['pour_temperature'],
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

    /** Sheets that take so long that their answers are worth remembering. */
    private const LONG = ['burnout.core', 'join.plan'];

    /** @param ?Closure(string, Closure(): Answer): Answer $remember */
    private function __construct(
        private readonly Document $document,
        private readonly WorkshopSettings $settings,
        private readonly ?Closure $remember,
        private readonly Surroundings $around,
    ) {}

    /**
     * @param  ?Closure(string, Closure(): Answer): Answer  $remember  gives the answer that is kept under a key, or makes it
     */
    public static function reckon(Document $document, WorkshopSettings $settings, ?Closure $remember = null, Surroundings $around = new Surroundings): JobAnswers
    {
        $reckoner = new self($document, $settings, $remember, $around);
        $kind = Kind::of($document);
        foreach (array_keys(InputBindings::table()) as $use) {
            if ($kind->reckons($use)) {
                $reckoner->use($use);
            }
        }

        return new JobAnswers($reckoner->answers, $reckoner->inputs, $reckoner->paths, $reckoner->wants, $reckoner->errors);
    }

    private function use(string $use): void
    {
        ['sheet' => $sheet, 'inputs' => $feeds, 'when' => $when] = InputBindings::table()[$use];
        foreach ($when as [$source, $among]) {
            $value = $this->ask($source);
            if ($value === null || ($among !== [] && ! in_array($value, $among, true))) {
                return;
            }
        }
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
            $this->inputs[$use] = Input::read(Calculations::describe($sheet)->inputs, $raw, $this->settings, $origins);
            $this->answers[$use] = $this->answer($sheet, $this->inputs[$use]);
        } catch (BadInput $bad) {
            $this->errors[$use] = $bad->errors;
        }
    }

    private function answer(string $sheet, Input $input): Answer
    {
        $make = fn (): Answer => Calculations::named($sheet)->reckon($input, $this->settings);
        if ($this->remember === null || ! in_array($sheet, self::LONG, true)) {
            return $make();
        }

        return ($this->remember)(hash('xxh128', $sheet.serialize($input).$this->settings->fingerprint()), $make);
    }

    private function ask(Source $source): mixed
    {
        if ($source->unless !== null && $this->isMade($source->unless)) {
            return null;
        }
        foreach (in_array($source->kind, ['result', 'decision', 'yes'], true) ? $source->flags : [] as $path => $wanted) {
            if ($this->document->decision($path) !== $wanted) {
                return null;
            }
        }
        $value = match ($source->kind) {
            'decision' => $this->document->decision($source->name),
            'reading' => $this->reading($source->name, $source->result),
            'flags' => $this->flags($source->flags),
            'picked' => $this->picked($source->name, $source->result, array_key_first($source->flags)),
            'yes' => true,
            'flask' => $this->around->flask?->{$source->name},
            'around' => $this->around->{$source->name},
            'collected' => $this->collected($source->name, $source->flags),
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
            // Where it stands in no flask of a run, nothing stands beside it.
            $more ??= $source->plus->kind === 'flask' ? 0.0 : null;
            if (! is_numeric($more) || ! is_numeric($value)) {
                return null;
            }
            $value += $more;
        }

        return $source->listed ? [$value] : $value;
    }

    /**
     * @param  array<string, string>  $flags
     * @return list<string>|null
     */
    private function flags(array $flags): ?array
    {
        return array_keys(array_filter($flags, fn (string $path): bool => $this->document->decision($path) === true)) ?: null;
    }

    /**
     * @param  array<string, string>  $names
     * @return list<array<string, mixed>>|null the rows that have the first of them
     */
    private function collected(string $group, array $names): ?array
    {
        $rows = [];
        foreach ($this->document->list($group) as $row) {
            $taken = array_filter(array_map(static fn (string $name): mixed => $row[$name]['value'] ?? null, $names), static fn (mixed $value): bool => $value !== null);
            if (isset($taken[array_key_first($names)])) {
                $rows[] = $taken;
            }
        }

        return $rows ?: null;
    }

    /** @return list<mixed>|null */
    private function picked(string $group, string $name, ?string $where): ?array
    {
        $rows = array_filter($this->document->list($group), static fn (array $row): bool => isset($row[$name]['value']) && ($where === null || ($row[$where]['value'] ?? false) === true));

        return $rows === [] ? null : array_values(array_map(static fn (array $row): mixed => $row[$name]['value'], $rows));
    }

    private function isMade(string $path): bool
    {
        [$group, $name] = explode('.', $path, 2);

        return ! isset(DecisionFields::all()[$path]) && in_array($group, ReadingFields::GROUPS, true)
            ? $this->reading($group, $name) !== null
            : ! in_array($this->document->decision($path), [null, false], true);
    }

    private function inHand(string $group): ?int
    {
        return match ($group) {
            'stones' => $this->document->centreStone(),
            'attempts' => $this->document->attemptInHand(),
            default => $this->document->castingInHand(),
        };
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
            'reading' => $this->document->rowPath($source->name, $this->inHand($source->name), $source->result),
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
        foreach (Calculations::describe($sheet)->inputs as $field) {
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
        $unasked = [];
        foreach (array_reverse(InputBindings::table()[$use]['inputs'][$input] ?? []) as $source) {
            if (in_array($source->kind, ['flask', 'around'], true)) {
                continue;
            }
            if ($source->kind === 'result') {
                $needs = $this->wants[$source->name] ?? array_keys($this->errors[$source->name] ?? []);
                if ($needs !== []) {
                    return $needs;
                }
                // Nobody has chosen what that would be of; another source may be.
                $unasked = [$source->name];
            } elseif ($source->kind !== 'fixed') {
                return [(string) $this->path($source)];
            }
        }

        return $unasked;
    }
}
