<?php

declare(strict_types=1);

namespace HotSprue\Layout;

use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Level;
use HotSprue\Fields\Input;
use HotSprue\Workshop\WorkshopSettings;

/** What a cluster of stones that share claws is judged by. Source: workbook 5, stones that share claws. */
final readonly class ClusterFindings
{
    public function __construct(private AnswerBuilder $answer, private WorkshopSettings $settings) {}

    /**
     * @param  list<array{kind: string, x: float, y: float, holds: list<int>, free: float}>  $claws
     * @param  list<array{x_mm: float, y_mm: float, angle_deg: float, v: bool}>  $own  claws of the centre
     * @param  list<array{0: float, 1: float, 2?: float}>  $places
     */
    public function judge(
        Input $input, SharedClaws $shared, array $claws, array $own, ClusterPlate $plate, array $places, float $wire,
        float $notch, float $thick,
    ): void
    {
        $this->neighbours($input, $shared, $places, $wire);
        $this->pocket($shared, $claws, $wire, $notch);
        $this->centre($own, $places, $input->num('stone_diameter'), $thick);
        // Claws that span no gap are not drilled for; the plate is judged once all are there.
        count($claws) < 2 * count($places) ?: $this->plate($plate->leastPlate(), $wire);
    }

    /**
     * @param  list<array{0: float, 1: float, 2?: float}>  $places
     * @return non-empty-list<float> between every two neighbours, mm
     */
    public static function gaps(array $places, float $diameter): array
    {
        $count = count($places);

        return array_map(static fn (int $i): float => hypot(
            $places[($i + 1) % $count][0] - $places[$i][0], $places[($i + 1) % $count][1] - $places[$i][1],
        ) - $diameter, range(0, $count - 1));
    }

    /** @param list<array{0: float, 1: float, 2?: float}> $places */
    private function neighbours(Input $input, SharedClaws $shared, array $places, float $wire): void
    {
        $gaps = self::gaps($places, $input->num('stone_diameter'));
        if (min($gaps) < -1e-9) {
            $this->answer->find(
                Level::Stop, 'stones-overlap', 'count',
                sprintf('Neighbours lie %.2f mm over one another.', -min($gaps)),
                'Take fewer stones, or move them out.',
            );
        }
        if (max($gaps) > $shared->widestGap() + 1e-9) {
            $thin = ceil(1000 * $shared->thinnest()) / 1000;
            $this->answer->find(
                Level::Stop, 'gap-over-claw', 'wire',
                sprintf(
                    'A gap of %.2f mm is wider than a claw of %.2f mm spans (%.2f mm): it holds neither stone.',
                    max($gaps),
                    $wire, $shared->widestGap(),
                ),
                sprintf('The thinnest wire that holds both is %.2f mm; or close the gap.', $thin), ['wire' => $thin],
            );
        }
    }

    /** @param list<array{kind: string, x: float, y: float, holds: list<int>, free: float}> $claws */
    private function pocket(SharedClaws $shared, array $claws, float $wire, float $notch): void
    {
        $inner = array_filter($claws, static fn (array $claw): bool => $claw['kind'] === 'inner');
        if ($inner === [] || min(array_column($inner, 'free')) >= -1e-9) {
            return;
        }
        $least = min(array_column($inner, 'free'));
        $fits = floor(1000 * $shared->thickestInner()) / 1000;
        $three = $least >= -$notch - 1e-9;
        $this->answer->find(
            Level::Caution, 'pocket-small', 'wire',
            sprintf(
                'Between two stones and the centre a wire of %.2f mm stands %.2f mm over the centre’s girdle.', $wire,
                -$least,
            ),
            sprintf(
                '%s; %s.',
                $fits > 0 ? sprintf('The thickest wire that fits there is %.2f mm', $fits) : 'No wire fits there',
                $three ? 'or notch the inner claws for the centre too, each holding three'
                    : 'or hold the centre with claws of its own, in beads or in a channel',
            ),
            $fits > 0 ? ['wire' => $fits] : [],
        );
    }

    /**
     * @param  list<array{x_mm: float, y_mm: float, angle_deg: float, v: bool}>  $own
     * @param  list<array{0: float, 1: float, 2?: float}>  $places
     */
    private function centre(array $own, array $places, float $diameter, float $wire): void
    {
        $meets = array_filter($own, static function (array $claw) use ($places, $diameter, $wire): bool {
            foreach ($places as $stone) {
                if (hypot($stone[0] - $claw['x_mm'], $stone[1] - $claw['y_mm']) < ($diameter + $wire) / 2 - 1e-9) {
                    return true;
                }
            }

            return false;
        });
        if ($meets !== []) {
            $this->answer->find(
                Level::Stop, 'claw-meets-stone', 'centre_claws',
                sprintf('%d of the centre’s claws stand where a stone round it lies.', count($meets)),
                'Let the inner claws hold the centre too, or widen the gap to the centre.',
            );
        }
    }

    private function plate(float $least, float $wire): void
    {
        [$caution, $stop] = [
            $this->settings->num('seats.plate_caution') * $wire, $this->settings->num('seats.plate_stop') * $wire,
        ];
        if ($least < $caution - 1e-9) {
            $this->answer->find(
                $least < $stop - 1e-9 ? Level::Stop : Level::Caution,
                $least < $stop - 1e-9 ? 'plate-tears' : 'plate-thin', 'plate_margin',
                sprintf('%.2f mm of plate is left at the nearest holes; %.2f mm is wanted.', $least, $caution),
                'Take a thinner wire, a wider margin or fewer stones.',
            );
        }
    }
}
