<?php

declare(strict_types=1);

namespace HotSprue\Setting;

use HotSprue\Calculation\Answer;
use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Calculation;
use HotSprue\Calculation\Description;
use HotSprue\Calculation\Formula;
use HotSprue\Calculation\Output;
use HotSprue\Fields\Field;
use HotSprue\Fields\Input;
use HotSprue\Measures\Quantity;
use HotSprue\Workshop\WorkshopSettings;

/**
 * In which order metal is pushed over a stone: opposite, then across, then between. Source: workbook 13, pushing order.
 */
final class SetSequence implements Calculation
{
    private const SOURCE = 'workbook 13, pushing order';

    public const MOST = 24;

    private const ROUNDS = ['soft', 'medium', 'firm'];

    private const BEFORE = [
        'look' => 'Stone looked at under the glass: chips, cracks, treatment',
        'seat' => 'Stone sits level in its seat, and does not rock; a rocking one is bedded on a soft packing',
        'held' => 'Piece held in pitch or a clamp; stone guarded from slips',
    ];

    private const AFTER = [
        'tight' => 'Tapped, and heard tight',
        'level' => 'Table level from two sides',
        'whole' => 'No chip since it went in',
        'snags' => 'No claw or edge catches on wool',
    ];

    public function description(): Description
    {
        return new Description(
            'set.sequence',
            'Pushing order',
            'In which order metal is pushed over a stone',
            self::SOURCE,
            [
                Field::count('count', 'sectors of a bezel, or claws')->between(2, self::MOST),
                Field::length('wire', 'diameter of the claw wire, where it is claws')->optional(),
                Field::length('notch', 'depth of a claw’s notch')->optional(),
            ],
            [
                Output::rows('sequence', 'pairs of a step and its opposite; a plain list for an odd count'),
                Output::of(Quantity::Count, 'steps', 'pushes in one round'),
                Output::of(Quantity::Count, 'pushes', 'pushes in all'),
                Output::of(Quantity::Angle, 'apart_deg', 'angle between two that are neighbours')->called('apart'),
                Output::rows('rounds', 'the rounds, each followed by a look at the level'),
                Output::rows('before', 'what is looked at before'),
                Output::rows('claws', 'what is done to claws'),
                Output::rows('after', 'what is looked at after'),
            ],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $count = (int) $input->num('count');
        $rounds = count(self::ROUNDS);

        return AnswerBuilder::of($this, $input)
            ->giveLater(
                'sequence', static fn (): array => $count % 2 === 0 ? self::pairs($count) : self::singles($count),
            )
            ->work(
                'steps', $count, Formula::taken('one push each', $count), uses: ['count'],
                because: 'numbered as a clock, the last at the top',
            )
            ->work(
                'apart_deg', 360 / $count, Formula::of('360 ÷ {count}', ['count' => $count]), uses: ['count'],
                because: 'equal round the stone', source: 'geometry',
            )
            ->work(
                'pushes', $rounds * $count, Formula::of('{rounds} × {count}', ['rounds' => $rounds, 'count' => $count]),
                uses: ['count'], because: 'soft, medium and firm: what is pushed home at once cannot be levelled',
            )
            ->give('before', self::named(self::BEFORE))
            ->give('claws', self::claws($input))->give('after', self::named(self::AFTER))
            ->give(
                'rounds',
                array_map(
                    static fn (string $round): array => ['round' => $round, 'then' => 'look at the level'],
                    self::ROUNDS,
                ),
            )
            ->answer();
    }

    /** How often all are pushed. */
    public static function rounds(): int
    {
        return count(self::ROUNDS);
    }

    /** @return list<int> one round, as they follow one another */
    public static function order(int $count): array
    {
        return $count % 2 === 0 ? array_merge(...self::pairs($count)) : self::singles($count);
    }

    /**
     * @param  array<string, string>  $looks
     * @return list<array{key: string, words: string}>
     */
    private static function named(array $looks): array
    {
        return array_map(
            static fn (string $key, string $words): array => ['key' => $key, 'words' => $words], array_keys($looks),
            $looks,
        );
    }

    /** @return list<array{step: string}> notch, stand, bend and shorten. Source: workbook 4, claws */
    private static function claws(Input $input): array
    {
        if (! $input->has('wire')) {
            return [];
        }
        $notch = $input->numOr('notch', 0.3 * $input->num('wire'));

        return array_map(static fn (string $step): array => ['step' => $step], [
            sprintf(
                'Notch each %.2f mm deep at the girdle’s height; %.2f mm, 40 %% of the wire, is the most.', $notch,
                0.4 * $input->num('wire'),
            ),
            'At least 2 mm stand above the girdle before it is set.',
            'Bend opposite pairs over the crown in the order above, soft first.',
            'Shorten to 1 mm over the crown; cup the tips, and feel for snags.',
        ]);
    }

    /** @return list<array{int, int}> */
    private static function pairs(int $count): array
    {
        $half = intdiv($count, 2);
        $apart = static fn (int $one, int $other): int => min(abs($one - $other), $half - abs($one - $other));
        $axes = [0];
        while (count($axes) < $half) {
            $last = $axes[count($axes) - 1];
            // Farthest from every axis done; of equals the one square to the last, else the lowest.
            $axes[] = self::first(array_diff(range(0, $half - 1), $axes), static fn (int $axis): array => [
                -min(array_map(static fn (int $done): int => $apart($axis, $done), $axes)),
                2 * $apart($axis, $last) === $half ? 0 : 1, $axis,
            ]);
        }

        return array_map(static fn (int $axis): array => [$axis === 0 ? $count : $axis, $axis + $half], $axes);
    }

    /** @return list<int> */
    private static function singles(int $count): array
    {
        $apart = static fn (int $one, int $other): int => min(abs($one - $other), $count - abs($one - $other));
        $done = [0];
        while (count($done) < $count) {
            $opposite = 2 * $done[count($done) - 1] + $count;
            // In half steps, so that a place between two counts.
            $beside = static fn (int $one): int => min(
                abs(2 * $one - $opposite) % (2 * $count), 2 * $count - abs(2 * $one - $opposite) % (2 * $count),
            );
            $done[] = self::first(
                array_diff(range(1, $count - 1), $done),
                static fn (int $one): array => [
                    -min(array_map(static fn (int $other): int => $apart($one, $other), $done)), $beside($one), $one,
                ],
            );
        }

        return array_map(static fn (int $one): int => $one === 0 ? $count : $one, $done);
    }

    /**
     * @param  array<int, int>  $among
     * @param  callable(int): list<int>  $rank
     */
    private static function first(array $among, callable $rank): int
    {
        usort($among, static fn (int $one, int $other): int => $rank($one) <=> $rank($other));

        return $among[0];
    }
}
