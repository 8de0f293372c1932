<?php

declare(strict_types=1);

namespace HotSprue\Time;

use HotSprue\Fields\Input;
use HotSprue\Workshop\WorkshopSettings;

/** The steps of a job in bench order, by its kind and what it holds. Source: workbook 15. */
final class StepList
{
    /** @var list<Step> */
    private array $steps = [];

    private function __construct(private readonly Input $input, private readonly WorkshopSettings $settings) {}

    /** @return list<Step> those that are done left out, and the others following what is left */
    public static function of(Input $input, WorkshopSettings $settings): array
    {
        $list = new self($input, $settings);
        $list->agreed();
        match ($input->text('kind')) {
            'sizing' => $list->add('sizing', 'sizing', 'size the ring', $list->minutes('sizing'), splits: true),
            'fabricated' => $list->madeByHand(),
            default => $list->cast(),
        };
        $list->joined();
        $list->finished();

        return $list->left();
    }

    private function agreed(): void
    {
        $this->add('brief', 'brief', 'brief', $this->minutes('brief'));
        if ($this->input->text('kind') === 'sizing') {
            return;
        }
        $this->add('form', 'form', 'decide the form', $this->minutes('form'));
        $stones = $this->stones();
        if ($stones > 0) {
            $this->add('stones', 'stones', 'look at the stones',
                $this->minutes('stones') + $stones * $this->minutes('stone'));
        }
    }

    private function cast(): void
    {
        $input = $this->input;
        $carved = $this->minutes('carve') + $input->num('letters') * $this->minutes('letter')
            + ($input->flag('textured') ? $this->minutes('texture') : 0) + $input->num(
                'seats') * $this->minutes('seat');
        $wax = match ($input->text('process')) {
            'mould' => $this->minutes('mould'),
            'resin' => $this->minutes('resin'),
            default => $carved,
        };
        $this->add('wax', 'wax', 'make the wax', $wax, splits: true);
        if ($input->flag('look')) {
            $this->add('look', 'wax', 'show it to the client', $this->minutes('look'), $this->minutes('client'));
        }
        $this->add(
            'sprue', 'tree', 'sprue it', $this->minutes('sprueing') + $input->num('sprues') * $this->minutes('sprue'),
        );
        $flasks = $input->num('flasks');
        $this->add('invest', 'tree', 'invest', $flasks * $this->minutes('invest'), $input->num('stand'));
        $this->add('burnout', 'burnout', 'burn out', 0.0, $input->num('burnout'), 'kiln');
        $this->add('pour', 'pour', 'pour', $flasks * $this->minutes('pour'), $this->minutes('cooling'));
        $this->add('clean', 'pour', 'clean the casting', $this->minutes('cleaning'), $this->minutes('pickle'));
    }

    private function madeByHand(): void
    {
        $this->add('shank', 'form', 'make the shank', $this->minutes('shank'), splits: true);
    }

    private function joined(): void
    {
        $input = $this->input;
        $made = $input->num('bezels') * $this->minutes('bezel') + $input->num('claws') * $this->minutes('claw')
            + $input->num('plates') * $this->minutes('plate') + $input->num('holes') * $this->minutes('hole');
        if ($made > 0) {
            $this->add('made', 'join', 'make what is made apart', $made, splits: true);
        }
        for ($heat = 1; $heat <= (int) $input->num('heats'); $heat++) {
            $this->add("heat-{$heat}", 'join', "heat {$heat}", $this->minutes('heat'), $this->minutes('pickle'));
        }
        if ($input->text('kind') !== 'sizing') {
            $this->add('prefinish', 'finish', 'pre-finish', $this->minutes('prefinish'), splits: true);
        }
    }

    private function finished(): void
    {
        $input = $this->input;
        $setting = 0.0;
        foreach ($input->rows('stones') as $row) {
            $setting += (float) ($row['count'] ?? 1) * $this->settings->num("setting.minutes_{$row['setting']}");
        }
        if ($setting > 0) {
            $this->add('set', 'set', 'set the stones', $setting, splits: true);
        }
        $tumbles = $input->flag('tumble');
        $this->add(
            'finish', 'finish', 'finish', $this->minutes('finish') + $input->num('grits') * $this->minutes('grit'),
            splits: true,
        );
        if ($tumbles) {
            $this->add('tumble', 'finish', 'tumble', 0.0, $this->minutes('tumbler'), 'tumbler');
        }
        foreach (['patina', 'plating'] as $last) {
            if ($input->flag($last)) {
                $this->add($last, 'finish', $last, $this->minutes($last));
            }
        }
        $this->add('handover', 'handover', 'hand over', $this->minutes('handover'));
    }

    private function stones(): int
    {
        return (int) array_sum(array_map(
            static fn (array $row): float => (float) ($row['count'] ?? 1), $this->input->rows('stones'),
        ));
    }

    private function minutes(string $name): float
    {
        return $this->settings->num("time.{$name}");
    }

    private function add(
        string $id, string $station, string $name, float $attended, float $waits = 0.0, string $resource = 'person',
        bool $splits = false,
    ): void
    {
        $before = end($this->steps);
        $this->steps[] = new Step(
            $id, $station, $name, $attended, $waits, $resource, $before === false ? [] : [$before->id], $splits,
        );
    }

    /** @return list<Step> a step takes what its clock said; a step that is done takes none, and nothing waits for it */
    private function left(): array
    {
        $clocks = array_column($this->input->rows('clocks'), null, 'step');
        $left = [];
        $before = [];
        foreach ($this->steps as $step) {
            // All heats are signed off together, and timed one by one.
            $clock = $clocks[$step->id] ?? $clocks[str_starts_with($step->id, 'heat-') ? 'heats' : $step->id] ?? null;
            if (($clock['done'] ?? false) === true) {
                continue;
            }
            $own = is_numeric($clock['minutes'] ?? null) ? $step->taking((float) $clock['minutes']) : $step;
            $left[] = $own->following($before);
            $before = [$step->id];
        }

        return $left;
    }
}
