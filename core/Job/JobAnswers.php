<?php

declare(strict_types=1);

namespace HotSprue\Job;

use Closure;
use HotSprue\Calculation\Answer;
use HotSprue\Calculations;
use HotSprue\Fields\BadInput;
use HotSprue\Fields\Input;
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

    /** @var array<string, GatheredInputs> */
    private array $given = [];

    /** @var array<string, list<string>> */
    private array $wants = [];

    /** @var array<string, array<string, list<string>>> */
    private array $errors = [];

    /** @var array<string, mixed> */
    private array $kept = [];

    /** @var array<string, array{?self, string}> where each use is reckoned */
    private array $homes = [];

    private ?SettingRow $setting = null;

    /** @var array<string, array<string, mixed>> the rows in hand, by group */
    private array $inHand = [];

    /** @var array<string, array<int, self>> the same job with a row in hand, by group and place */
    private array $views = [];

    /**
     * @param  ?Closure(string, Closure(): Answer): Answer  $remember
     *   gives the answer that is kept under a key, or makes it
     * @param  ?self  $whole  the job of which this is one row's view
     */
    private function __construct(
        public readonly Document $document,
        public readonly WorkshopSettings $settings,
        public readonly Surroundings $surroundings,
        private readonly ?Closure $remember,
        private readonly RowsInHand $rows,
        private readonly ?self $whole = null,
    ) {
        $this->kind = Kind::of($document);
    }

    /**
     * @param ?Closure(string, Closure(): Answer): Answer $remember gives the answer that is kept under a key, or makes
     * it
     * @param ?string $setting key of the setting in hand; the first unless said
     */
    public static function of(
        Document $document,
        WorkshopSettings $settings,
        ?Closure $remember = null,
        Surroundings $surroundings = new Surroundings,
        ?string $setting = null,
    ): self {
        return new self($document, $settings, $surroundings, $remember, RowsInHand::of($document, $setting));
    }

    /** The same job with this stone or setting in hand; null where there is none of that key. */
    public function ofRow(string $group, string $key): ?self
    {
        $index = $this->document->rows($group)->indexOf($key);

        return $index === null ? null : $this->at($group, $index);
    }

    /** @return list<self> the same job with each stone, or each setting, in hand */
    public function eachRow(string $group): array
    {
        return array_map(fn (int $index): self => $this->at($group, $index), array_keys($this->document->list($group)));
    }

    private function at(string $group, int $index): self
    {
        $whole = $this->whole ?? $this;

        return $whole->views[$group][$index] ??= new self(
            $this->document, $this->settings, $this->surroundings, $this->remember,
            $whole->rows->with($group, $index), $whole,
        );
    }

    /**
     * What follows from the whole job, whichever row is in hand; made once.
     *
     * @template T
     *
     * @param  Closure(self): T  $make
     * @return T
     */
    public function once(string $name, Closure $make): mixed
    {
        $whole = $this->whole ?? $this;

        return $whole->kept[$name] ??= $make($whole);
    }

    /** The setting in hand. */
    public function setting(): SettingRow
    {
        return $this->setting ??= SettingRow::of($this);
    }

    /**
     * Where a use is reckoned: once for the job, or for the row in hand of its group; `seat.bezel@k3f2` names a row.
     *
     * @return array{?self, string} the job with that row in hand where the use has been reckoned, and its name there
     */
    private function home(string $use): array
    {
        [$home, $name] = $this->homes[$use] ??= $this->find($use);
        $home?->reckon($name);

        return [$home, $name];
    }

    /** @return array{?self, string} */
    private function find(string $use): array
    {
        [$name, $key] = [...explode('@', $use, 2), null];
        $group = InputBindings::use($use)?->each;
        if ($key !== null) {
            return [$group === null ? null : $this->ofRow($group, $key), (string) $name];
        }
        $index = $group === null ? null : $this->inHand($group);

        return [$index === null ? $this->whole ?? $this : $this->at((string) $group, $index), (string) $name];
    }

    /** @return list<string> the uses that have to do with such a job */
    public function uses(): array
    {
        return array_values(array_filter(array_keys(InputBindings::all()), $this->kind->reckons(...)));
    }

    public function answer(string $use): ?Answer
    {
        [$home, $name] = $this->home($use);

        return $home->answers[$name] ?? null;
    }

    public function input(string $use): ?Input
    {
        [$home, $name] = $this->home($use);

        return $home->inputs[$name] ?? null;
    }

    public function value(string $use, string $result): mixed
    {
        return $this->answer($use)?->value($result);
    }

    /** @return list<string> paths that are still to be given */
    public function wants(string $use): array
    {
        [$home, $name] = $this->home($use);

        return $home->wants[$name] ?? [];
    }

    /** @return array<string, list<string>> what is wrong, by input */
    public function errors(string $use): array
    {
        [$home, $name] = $this->home($use);

        return $home->errors[$name] ?? [];
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
        [$home, $name] = $this->home($use);

        return $home === null ? null : (($home->given[$name] ?? null)?->path($input, $home)
            ?? InputBindings::pathFor($name, $input, $home));
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

    /** Which row of a group is meant: the setting in hand and its stone, the wax on the bench, the last casting. */
    public function inHand(string $group): ?int
    {
        return $this->rows->at($group);
    }

    /**
     * The row of a group that is meant; nothing in it where there is none.
     *
     * @return array<string, mixed>
     */
    public function row(string $group): array
    {
        if (! isset($this->inHand[$group])) {
            $index = $this->rows->at($group);
            $this->inHand[$group] = $index === null ? [] : $this->document->list($group)[$index];
        }

        return $this->inHand[$group];
    }

    private function reckon(string $name): void
    {
        if (isset($this->asked[$name])) {
            return;
        }
        $this->asked[$name] = true;
        $use = InputBindings::all()[$name] ?? null;
        if ($use === null || ! $this->kind->reckons($name) || ! $use->isAskedFor($this)) {
            return;
        }
        $given = $this->given[$name] = GatheredInputs::of($use, $this);
        $missing = MissingInputs::of($use, $given->raw, $this);
        if ($missing !== []) {
            $this->wants[$name] = $missing;

            return;
        }
        try {
            $fields = Calculations::describe($use->calculation)->fields();
            $this->inputs[$name] = Input::read($fields, $given->raw, $this->settings, $given->origins);
            $this->answers[$name] = $this->make($use->calculation, $this->inputs[$name]);
        } catch (BadInput $bad) {
            $this->errors[$name] = $bad->errors;
        }
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
}
