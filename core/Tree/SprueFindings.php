<?php

declare(strict_types=1);

namespace HotSprue\Tree;

use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Level;
use HotSprue\Fields\Input;
use HotSprue\Workshop\WorkshopSettings;

/** What is found of sprues: how far metal runs, and which part freezes first. Source: workbook 8, sprue. */
final class SprueFindings
{
    /** @param list<array{count: int, reach: float, reach_mm: float, level: string}> $reaches */
    public static function judgeReach(
        AnswerBuilder $answer, array $reaches, int $count, int $advised, int $byMass, float $heaviest,
    ): void
    {
        $reach = $reaches[$count - 1] ?? null;
        $set = $count === $advised ? [] : ['count' => $advised];
        if ($reach !== null && $reach['level'] !== 'fine') {
            $stop = $reach['level'] === 'stop';
            $answer->find($stop ? Level::Stop : Level::Caution, $stop ? 'reach-too-long' : 'reach-long', 'count',
                sprintf(
                    'With %d the metal runs %.1f mm, %.0f moduli of the thinnest section%s.', $count,
                    $reach['reach_mm'], $reach['reach'], $stop ? ': it freezes on the way' : '',
                ),
                $set === [] ? 'Make the thin part thicker, or feed it there too.' : sprintf(
                    'Take %d sprues.', $advised,
                ), $set);
        }
        if ($count < $byMass) {
            $answer->find(
                Level::Caution, 'few-for-mass', 'count',
                sprintf(
                    'A section of modulus %.2f mm is fed by %d; one gate leaves it hollow inside.', $heaviest, $byMass,
                ),
                sprintf('Take %d sprues.', $advised), ['count' => $advised],
            );
        }
    }

    public static function judgeSprue(
        AnswerBuilder $answer, Input $input, WorkshopSettings $settings, float $base, float $heaviest, float $chosen,
        ?float $wire, float $diameter,
    ): void
    {
        if ($input->text('feed_at') === 'base' && $base < 0.9 * $heaviest - 1e-9) {
            $answer->find(Level::Caution, 'fed-through-light', 'feed_at', sprintf(
                'The base is %.0f %% of the heaviest section: it freezes before the top is fed.',
                100 * $base / $heaviest,
            ),
                'Feed the head, or both shoulders with a Y.', ['feed_at' => 'shoulders']);
        }
        $set = ['sprue_diameter' => $wire ?? round($diameter, 6)];
        if ($chosen / 4 < $heaviest - 1e-9) {
            $answer->find(
                Level::Stop, 'sprue-freezes-first', 'sprue_diameter',
                sprintf('A %.1f mm sprue freezes before the ring does.', $chosen),
                sprintf('Take %.1f mm.', $wire ?? $diameter), $set,
            );
        } elseif ($chosen < 4 * $settings->num('sprue.margin') * $heaviest - 1e-9) {
            $answer->find(
                Level::Caution, 'sprue-slim', 'sprue_diameter',
                sprintf('A %.1f mm sprue freezes little later than the ring.', $chosen),
                sprintf('Take %.1f mm.', $wire ?? $diameter), $set,
            );
        }
        if ($wire === null) {
            $answer->find(
                Level::Note, 'no-wire', 'sprue_diameter',
                sprintf('No sprue wire in stock is as thick as %.2f mm.', $diameter),
                'Roll two together, or add one on the Shop page.',
            );
        }
    }
}
