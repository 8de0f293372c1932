<?php

declare(strict_types=1);

namespace HotSprue\Job;

use Closure;
use HotSprue\Calculation\Answer;
use HotSprue\Calculations;
use HotSprue\Fields\BadInput;
use HotSprue\Fields\Input;
use HotSprue\Fields\Origin;
use HotSprue\Job\Source\Source;
use HotSprue\Workshop\WorkshopSettings;

/**
 * The answers of a job, by use of a calculation. Each is reckoned when it is first asked for, with what it rests on
 * and nothing else. Pure: the same document, figures and surroundings give the same answers.
 */
final class JobAnswers
{
    /** Calculations that take so long that their answers are worth remembering. */
    private const LONG = ['burnout.core', 'join.plan'];

    private readonly Kind $kind;

    /** @var array<string, true> uses that were asked for */
    private array $asked = [];

    /** @var array<string, Answer> */
    private array $answers = [];

    /** @var array<string, Input> */
    private array $inputs = [];

    /** @var array<string, array<string, string>> the path that an input came from */
    private array $paths = [];

    /** @var array<string, list<string>> */
    private array $wants = [];

    /** @var array<string, array<string, list<string>>> */
    private array $errors = [];

    /**
     * @param  ?Closure(string, Closure(): Answer): Answer  $remember
     *   gives the answer that is kept under a key, or makes it
     * @param  array<string, int>  $rows  rows in hand, where others are meant than the job's own, by group
     */
    private function __construct(
        public readonly Document $document,
        public readonly WorkshopSettings $settings,
        public readonly Surroundings $surroundings,
        private readonly ?Closure $remember,
        private readonly array $rows,
    ) {
        $this->kind = Kind::of($document);
    }

    /**
     * @param ?Closure(string, Closure(): Answer): Answer $remember gives the answer that is kept under a key, or makes
     * it
     */
    public static function of(
        Document $document,
        WorkshopSettings $settings,
        ?Closure $remember = null,
        Surroundings $surroundings = new Surroundings,
    ): self {
        return new self($document, $settings, $surroundings, $remember, []);
    }

    /** The same job with another row of a group in hand: every use is reckoned once more for that stone or wax. */
    public function forRow(string $group, string $key): self
    {
        $index = $this->document->rows($group)->indexOf($key);
        $rows = $index === null ? $this->rows : [...$this->rows, $group => $index];

        return new self($this->document, $this->settings, $this->surroundings, $this->remember, $rows);
    }

    /** @return list<string> the uses that have to do with such a job */
    public function uses(): array
    {
        return array_values(array_filter(array_keys(InputBindings::all()), $this->kind->reckons(...)));
    }

    public function answer(string $use): ?Answer
    {
        $this->reckon($use);

        return $this->answers[$use] ?? null;
    }

    public function input(string $use): ?Input
    {
        $this->reckon($use);

        return $this->inputs[$use] ?? null;
    }

    public function value(string $use, string $result): mixed
    {
        return $this->answer($use)?->value($result);
    }

    /** @return list<string> paths that are still to be given */
    public function wants(string $use): array
    {
        $this->reckon($use);

        return $this->wants[$use] ?? [];
    }

    /** @return array<string, list<string>> what is wrong, by input */
    public function errors(string $use): array
    {
        $this->reckon($use);

        return $this->errors[$use] ?? [];
    }

    /**
     * The inputs of a use as the screen shows them: value, origin, and the path that a tap edits.
     *
     * @return array<string, array{value: mixed, origin: string, path: ?string}>
     */
    public function shownInputs(string $use): array
    {
        $input = $this->input($use);
        if ($input === null) {
            return [];
        }
        $shown = [];
        foreach ($input->values() as $name => $value) {
            $path = $this->editable($use, $name);
            $shown[$name] = ['value' => $value, 'origin' => $input->origin($name)->value, 'path' => $path];
        }

        return $shown;
    }

    /** The path that an edit of this input changes: where it came from, else the decision that could feed it. */
    public function editable(string $use, string $input): ?string
    {
        $this->reckon($use);

        return $this->paths[$use][$input] ?? InputBindings::decisionFor($use, $input);
    }

    /** Whether this decision, or reading (group.name) of the row in hand, has been made. */
    public function isMade(string $path): bool
    {
        [$group, $name] = explode('.', $path, 2);
        if (isset(DecisionFields::all()[$path]) || ! in_array($group, ReadingFields::GROUPS, true)) {
            return ! in_array($this->document->decision($path), [null, false], true);
        }
        $index = $this->inHand($group);

        return $index !== null && isset($this->document->list($group)[$index][$name]['value']);
    }

    /** Which row of a group is meant: the centre stone, the wax on the bench, the last casting. */
    public function inHand(string $group): ?int
    {
        return $this->rows[$group] ?? match ($group) {
            'stones' => $this->document->centreStone(),
            'attempts' => $this->document->attemptInHand(),
            default => $this->document->castingInHand(),
        };
    }

    private function reckon(string $name): void
    {
        if (isset($this->asked[$name])) {
            return;
        }
        $this->asked[$name] = true;
        $use = InputBindings::all()[$name] ?? null;
        if ($use === null || ! $this->kind->reckons($name) || ! $this->isAskedFor($use)) {
            return;
        }
        [$raw, $origins] = $this->gather($use);
        $missing = $this->missing($use, $raw);
        if ($missing !== []) {
            $this->wants[$name] = $missing;

            return;
        }
        try {
            $fields = Calculations::describe($use->calculation)->inputs;
            $this->inputs[$name] = Input::read($fields, $raw, $this->settings, $origins);
            $this->answers[$name] = $this->make($use->calculation, $this->inputs[$name]);
        } catch (BadInput $bad) {
            $this->errors[$name] = $bad->errors;
        }
    }

    private function isAskedFor(CalculationUse $use): bool
    {
        foreach ($use->conditions as [$source, $among]) {
            $value = $source->value($this);
            if ($value === null || ($among !== [] && ! in_array($value, $among, true))) {
                return false;
            }
        }

        return true;
    }

    /** @return array{array<string, mixed>, array<string, Origin>} what the sources give, and where each is from */
    private function gather(CalculationUse $use): array
    {
        $raw = $origins = [];
        $this->paths[$use->name] = [];
        foreach ($use->inputs as $name => $sources) {
            foreach ($sources as $source) {
                $value = $source->value($this);
                if ($value !== null) {
                    [$raw[$name], $origins[$name]] = [$value, $source->origin()];
                    $path = $source->path($this);
                    $path === null ?: $this->paths[$use->name][$name] = $path;

                    break;
                }
            }
        }

        return [$raw, $origins];
    }

    private function make(string $calculation, Input $input): Answer
    {
        $make = fn (): Answer => Calculations::named($calculation)->reckon($input, $this->settings);
        if ($this->remember === null || ! in_array($calculation, self::LONG, true)) {
            return $make();
        }
        $key = hash('xxh128', $calculation.serialize($input).$this->settings->fingerprint());

        return ($this->remember)($key, $make);
    }

    /**
     * @param  array<string, mixed>  $raw
     * @return list<string> the paths that would give what is missing
     */
    private function missing(CalculationUse $use, array $raw): array
    {
        $paths = [];
        foreach (InputBindings::needed($use) as $name) {
            if (! array_key_exists($name, $raw)) {
                $paths = [...$paths, ...$this->wanted($use->inputs[$name] ?? [])];
            }
        }

        return array_values(array_unique($paths));
    }

    /**
     * @param  list<Source>  $sources
     * @return list<string>
     */
    private function wanted(array $sources): array
    {
        $unasked = [];
        foreach (array_reverse($sources) as $source) {
            $wants = $source->wants($this);
            if ($wants !== null && isset(InputBindings::all()[$wants[0] ?? ''])) {
                // Nobody has chosen what that would be of; another source may be.
                $unasked = $wants;
            } elseif ($wants !== null) {
                return $wants;
            }
        }

        return $unasked;
    }
}
