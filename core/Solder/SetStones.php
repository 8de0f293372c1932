<?php

declare(strict_types=1);

namespace HotSprue\Solder;

use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Level;
use HotSprue\Fields\Field;
use HotSprue\Fields\Input;
use HotSprue\Stones\Species;
use HotSprue\Workshop\WorkshopSettings;

/**
 * Stones that are set while the piece is in the fire, and those of which nobody has said. Source: workbook 3, species.
 */
final readonly class SetStones
{
    public const FINDINGS = [
        'heat-harms-stone' => 'a stone set that does not stand the torch',
        'boron-on-corundum' => 'a coat or flux of boron with corundum, spinel, cubic zirconia or moissanite set',
        'heat-with-care' => 'a stone set that stands the torch only with care',
        'stones-unknown' => 'more stones are set than are known, and the piece goes into the fire',
        'fire-unsaid' => 'a stone of which nobody has said whether it is set before or after the last fire',
    ];

    /**
     * @param  list<array{species: Species, name: string, treated: bool}>  $inFire
     * @param  list<string>  $unsaid
     * @param  list<array{stone: string, when: string, why: string}>  $advice  for every stone, in or out
     */
    private function __construct(
        private array $inFire, private array $unsaid, private int $unknown, public array $advice,
    ) {}

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::named('stones_set', 'stock.species', 'stones that are set already')->many()->default([]),
            Field::rows('set_stones', [
                Field::named('species', 'stock.species', 'what stone it is'),
                Field::text('name', 'which stone')->optional(),
                Field::yesNo('treated', 'whether it is treated, filled or included')
                    ->called('treated?')->default(false),
                Field::text('removed', 'the day it was taken out of its setting, where it was')
                    ->called('taken out')->optional(),
                Field::count('count', 'how many alike')->default(1),
                Field::yesNo('in_fire', 'whether it is set while the piece is in the fire')
                    ->called('set while it is soldered?')->optional(),
            ], 'the piece’s stones')->optional(),
            Field::count('stones_count', 'how many stones are set in it, known or not')
                ->called('stones in it')->allowingZero()->default(0),
        ];
    }

    /** In old work what is set is in the fire unless it is taken out; in new work it is said of each. */
    public static function read(Input $input, WorkshopSettings $settings): self
    {
        return self::of(
            $input, $settings, $input->texts('stones_set'), (int) $input->num('stones_count'), $input->flag('old_work'),
        );
    }

    /** Of a ring that is sized: its stones are in it, and as many as were counted. */
    public static function inOldWork(Input $input, WorkshopSettings $settings): self
    {
        return self::of($input, $settings, [], (int) $input->num('stones'), true);
    }

    /** @param list<string> $names */
    private static function of(Input $input, WorkshopSettings $settings, array $names, int $count, bool $old): self
    {
        $inFire = array_map(
            static fn (string $name): array => [
                'species' => Species::named($name, $settings), 'name' => Species::named($name, $settings)->label,
                'treated' => false,
            ],
            $names,
        );
        $unsaid = $advice = [];
        $rows = $input->has('set_stones') ? $input->rows('set_stones') : [];
        foreach ($rows as $row) {
            $species = Species::named((string) $row['species'], $settings);
            $stone = [
                'species' => $species, 'name' => trim((string) ($row['name'] ?? '')) ?: $species->label,
                'treated' => $row['treated'] === true,
            ];
            $in = $row['in_fire'] ?? ($old ? ($row['removed'] ?? '') === '' : null);
            $in === true ? $inFire[] = $stone : null;
            $in === null ? $unsaid[] = $stone['name'] : null;
            $advice[] = ['stone' => $stone['name'], ...self::when($stone, $in === true)];
        }

        return new self(
            $inFire, $unsaid, max(0, $count - max((int) array_sum(array_column($rows, 'count')), count($names))),
            $advice,
        );
    }

    /** A stone in the fire that boron etches; null where there is none. */
    public function etched(): ?string
    {
        foreach ($this->inFire as $stone) {
            if ($stone['species']->boron) {
                return $stone['species']->label;
            }
        }

        return null;
    }

    /** Whether any is in the fire that is not known. */
    public function hasUnknown(): bool
    {
        return $this->unknown > 0;
    }

    public function judge(AnswerBuilder $answer, string $about): void
    {
        if ($this->unknown > 0) {
            $answer->find(Level::Stop, 'stones-unknown', $about, sprintf(
                '%d %s set in it of which nobody has said what %s.', $this->unknown,
                $this->unknown === 1 ? 'stone is' : 'stones are', $this->unknown === 1 ? 'it is' : 'they are',
            ),
                'Look under the glass and enter each: until then no flame and no boric acid comes near them.');
        }
        $harmed = $this->labels(
            static fn (array $stone): bool => $stone['species']->torch === 'n' || $stone['treated'],
        );
        if ($harmed !== '') {
            $answer->find(
                Level::Stop, 'heat-harms-stone', $about, "Set already, and not for the torch: {$harmed}.",
                'Take it out, or set it after the last fire.',
            );
        }
        $etched = $this->labels(static fn (array $stone): bool => $stone['species']->boron);
        if ($etched !== '') {
            $answer->find(
                Level::Stop, 'boron-on-corundum', $about,
                "Boron in the coat and flux etches it when it is hot: {$etched}.",
                'Take it out, or shield and heat-sink it; best, set it after the last fire.',
            );
        }
        $careful = $this->labels(
            static fn (array $stone): bool => $stone['species']->torch === 'c'
                && ! $stone['species']->boron && ! $stone['treated'],
        );
        if ($careful !== '') {
            $answer->find(
                Level::Caution, 'heat-with-care', $about, "Set already, and in the fire only with care: {$careful}.",
                'Under a film of boric acid in alcohol, heated and cooled slowly, never quenched.',
            );
        }
        if ($this->unsaid !== []) {
            $answer->find(
                Level::Caution, 'fire-unsaid', $about,
                'Before or after the last fire? Nobody has said it of '.implode(', ', $this->unsaid).'.',
                'Say it at each stone: “set while it is soldered”, yes or no. After the last fire is safe for '
                    .'every stone.',
            );
        }
    }

    /** @param callable(array{species: Species, name: string, treated: bool}): bool $which */
    private function labels(callable $which): string
    {
        return implode(
            ', ',
            array_unique(
                array_map(
                    static fn (array $stone): string => $stone['species']->label, array_filter($this->inFire, $which),
                ),
            ),
        );
    }

    /**
     * @param  array{species: Species, name: string, treated: bool}  $stone
     * @return array{when: string, why: string}
     */
    private static function when(array $stone, bool $in): array
    {
        [$when, $why] = match (true) {
            $stone['treated'] => ['after the last fire', 'it is treated, filled or included: the torch spoils it'],
            $stone['species']->torch === 'n' => ['after the last fire', 'it does not stand the torch'],
            $stone['species']->boron => ['after the last fire', 'hot, it is etched by the boron in coat and flux'],
            default => [
                'after the last fire is best',
                'it stands the torch under a film of boric acid, heated and cooled slowly',
            ],
        };

        return ['when' => $in ? "in the fire; {$when}" : $when, 'why' => $why];
    }
}
