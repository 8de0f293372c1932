<?php

declare(strict_types=1);

namespace HotSprue\Solder;

use HotSprue\Fields\BadInput;
use HotSprue\Fields\Input;
use HotSprue\Stock\Alloy;
use HotSprue\Workshop\WorkshopSettings;

/** Parts, joints and solders as they were given, checked against one another. */
final readonly class Assembly
{
    public const PARTS = 8;

    public const JOINTS = 14;

    public const SOLDERS = 8;

    /**
     * @param  list<string>  $names  of the parts
     * @param  list<Alloy>  $alloys  of the parts
     * @param  list<float|null>  $masses  of the parts, g
     * @param  list<Joint>  $joints
     * @param  list<Solder>  $solders
     */
    private function __construct(
        public array $names,
        public array $alloys,
        public array $masses,
        public array $joints,
        public array $solders,
    ) {}

    /** @throws BadInput when names are unknown or said twice, or there are more than a plan takes */
    public static function read(Input $input, WorkshopSettings $settings): self
    {
        $names = self::ids($input->rows('parts'), 'parts', self::PARTS);
        $rows = $input->rows('joints');
        $ids = self::ids($rows, 'joints', self::JOINTS);
        $alloys = array_map(
            static fn (array $part): Alloy => Alloy::named(
                (string) ($part['alloy'] ?? $input->textOrNull('alloy') ?? throw BadInput::field(
                    'parts', "{$part['id']} has no alloy; its own or the piece’s is accepted.",
                )),
                $settings,
            ),
            $input->rows('parts'),
        );
        $joints = [];
        foreach ($rows as $index => $row) {
            $parts = self::set((array) $row['parts'], $names, 'joints', "{$ids[$index]}: part");
            if (count((array) $row['parts']) < 2) {
                throw BadInput::field(
                    'joints',
                    "{$ids[$index]}: one part alone; two parts are accepted, and a part closed on itself names "
                        .'it twice.',
                );
            }
            $joints[] = new Joint(
                $index, $ids[$index], $parts, self::set((array) $row['after'], $ids, 'joints', "{$ids[$index]}: joint"),
                self::textIn($row, 'grade'), self::textIn($row, 'same_heat') ?? '',
                $row['guard'] === true, $row['cold'] === true || ($row['how'] ?? 'solder') !== 'solder', $row,
            );
        }

        return new self(
            $names, $alloys,
            array_map(
                static fn (array $part): ?float => $part['mass'] === null ? null : (float) $part['mass'],
                $input->rows('parts'),
            ),
            self::closed(Fusing::merged($joints)), Cupboard::solders($input, $alloys, $joints, $settings),
        );
    }

    /**
     * The same pieces with other joints.
     *
     * @param  list<Joint>  $joints
     */
    public function with(array $joints): self
    {
        return new self($this->names, $this->alloys, $this->masses, self::closed($joints), $this->solders);
    }

    /** Least solidus among some parts, °C. */
    public function solidus(int $parts): float
    {
        return min(array_map(fn (int $part): float => $this->alloys[$part]->solidus, self::bits($parts)));
    }

    /** @return list<string> */
    public function namesOf(int $parts): array
    {
        return array_map(fn (int $part): string => $this->names[$part], self::bits($parts));
    }

    /** Some parts as one says them: the shank, with bezel and collet. */
    public function said(int $parts): string
    {
        $names = $this->namesOf($parts);
        $first = array_shift($names);

        return $first.($names === [] ? '' : ', with '.implode(' and ', $names));
    }

    /** Grams of some parts; null where one has none said. */
    public function mass(int $parts): ?float
    {
        $masses = array_map(fn (int $part): ?float => $this->masses[$part], self::bits($parts));

        return in_array(null, $masses, true) ? null : array_sum($masses);
    }

    /** @return list<int> */
    public static function bits(int $set): array
    {
        $bits = [];
        for ($bit = 0; $set; $bit++, $set >>= 1) {
            if ($set & 1) {
                $bits[] = $bit;
            }
        }

        return $bits;
    }

    /**
     * What comes before each, and before that in turn, as bit sets.
     *
     * @param  list<int>  $before  what comes straight before each
     * @return list<int>
     */
    public static function closure(array $before): array
    {
        foreach (array_keys($before) as $middle) {
            foreach ($before as $one => $set) {
                $before[$one] |= $set >> $middle & 1 ? $before[$middle] : 0;
            }
        }

        return array_values($before);
    }

    /**
     * Joints that come before, and those before them in turn.
     *
     * @param  list<Joint>  $joints
     * @return list<Joint>
     *
     * @throws BadInput when joints wait for one another
     */
    private static function closed(array $joints): array
    {
        $after = self::closure(array_map(static fn (Joint $joint): int => $joint->after, $joints));
        foreach ($joints as $index => $joint) {
            if ($after[$index] >> $index & 1) {
                throw BadInput::field(
                    'joints',
                    "{$joint->id} waits for itself, by way of what comes before it; an order without a ring is "
                        .'accepted.',
                );
            }
            foreach (self::bits($after[$index]) as $before) {
                if ($joints[$before]->cold && ! $joints[$before]->isFused() && ! $joint->cold) {
                    throw BadInput::field(
                        'joints',
                        "{$joint->id} comes after {$joints[$before]->id}, which is made without a torch; that one "
                            .'comes after the last fire.',
                    );
                }
            }
        }

        return array_map(static fn (Joint $joint): Joint => $joint->with(after: $after[$joint->index]), $joints);
    }

    /**
     * @param  list<array<string, mixed>>  $rows
     * @return list<string>
     */
    private static function ids(array $rows, string $field, int $most): array
    {
        $ids = array_map(static fn (array $row): string => trim((string) $row['id']), $rows);
        match (true) {
            $ids === [] => throw BadInput::field($field, 'None yet; at least one is accepted.'),
            count($ids) > $most => throw BadInput::field(
                $field, sprintf('%d are too many for one plan; up to %d are accepted.', count($ids), $most),
            ),
            in_array('', $ids, true) => throw BadInput::field(
                $field, 'One has no name; a short name for each is accepted.',
            ),
            count(array_unique($ids)) < count($ids) => throw BadInput::field(
                $field,
                sprintf(
                    '%s is there twice; a name of its own for each is accepted.',
                    current(array_diff_key($ids, array_unique($ids))),
                ),
            ),
            default => null,
        };

        return $ids;
    }

    /**
     * @param  array<array-key, mixed>  $wanted
     * @param  list<string>  $known
     */
    private static function set(array $wanted, array $known, string $field, string $what): int
    {
        $set = 0;
        foreach ($wanted as $one) {
            $at = array_search($one, $known, true);
            $set |= 1 << ($at === false
                ? throw BadInput::field(
                    $field,
                    sprintf(
                        '%s %s is not here; %s is accepted.', $what, is_scalar($one) ? (string) $one : 'unnamed',
                        implode(', ', $known),
                    ),
                )
                : $at);
        }

        return $set;
    }

    /** @param array<string, mixed> $row */
    private static function textIn(array $row, string $name): ?string
    {
        return is_string($row[$name]) && trim($row[$name]) !== '' ? trim($row[$name]) : null;
    }
}
