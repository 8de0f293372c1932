<?php

declare(strict_types=1);

namespace HotSprue\Seats;

use HotSprue\Calculation\Answer;
use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Calculation;
use HotSprue\Calculation\Description;
use HotSprue\Calculation\Formula;
use HotSprue\Calculation\Level;
use HotSprue\Fields\Input;
use HotSprue\Stock\Alloy;
use HotSprue\Stones\Outline;
use HotSprue\Stones\Shape;
use HotSprue\Stones\StoneInput;
use HotSprue\Workshop\WorkshopSettings;

/**
 * A bezel round a stone: the strip to cut, what it holds, and how it is carved. Sizes of the finished metal. Source:
 * workbook 4.
 */
final class SeatBezel implements Calculation
{
    public const SOURCE = 'workbook 4, bezel';

    public function description(): Description
    {
        return SeatBezelDescription::make();
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $outline = StoneInput::read($input);
        $stone = Proportions::of($input, $outline->wide, $settings);
        $cabochon = $input->text('cut') === 'cabochon';
        [$wall, $fit] = [$input->num('wall'), $input->num('fit')];
        $answer = AnswerBuilder::of($this, $input);
        $uses = StoneInput::uses($input);
        $scored = BezelStrip::isScored($input, $outline);
        $tube = $this->tube($answer, $input, $settings, $outline);
        if ($tube === null) {
            BezelStrip::strip($answer, $outline, $wall, $fit, $scored, $uses);
        }
        $seat = $input->numOr(
            'seat_height',
            $cabochon ? $settings->num('seats.cabochon_seat') : $stone->pavilion + $settings->num('seats.under_culet'),
        );
        $cover = $this->cover($answer, $input, $settings, $outline->wide, $cabochon);
        $height = $seat + $stone->girdle + $cover;
        [$left, $right, $bottom, $top] = $outline->box();
        [$wide, $long] = BezelStrip::outside($outline, $fit + $wall, $scored);
        $answer
            ->work('seat_height', $seat, match (true) {
                $input->has('seat_height') => Formula::taken('as given', $seat),
                $cabochon => Formula::taken('1.0 under a cabochon', $seat),
                default => Formula::of('{pavilion} + 0.4', ['pavilion' => $stone->pavilion]),
            }, uses: [
                $input->has('seat_height') ? 'seat_height' : 'width',
            ], because: 'the culet clears what the bezel stands on')
            ->work(
                'strip_height', $height,
                Formula::of(
                    '{seat height} + {girdle} + {cover}',
                    ['seat height' => $seat, 'girdle' => $stone->girdle, 'cover' => $cover],
                ),
                uses: ['width', 'seat_height', 'girdle_height', 'cover'],
                because: 'from the foot to what is pushed over',
            );
        if ($tube !== null) {
            $this->ofTube($answer, $input, $settings, $tube, $height);
        } else {
            $answer
                ->work(
                    'outside_width', $wide,
                    Formula::of(
                        '{width over all} + {what fit, wall and mitres reach}',
                        [
                            'width over all' => $right - $left,
                            'what fit, wall and mitres reach' => $wide - $right + $left,
                        ],
                    ),
                    uses: [...$uses, 'fit', 'wall', 'corners'], because: 'both sides',
                )
                ->work(
                    'outside_length', $long,
                    Formula::of(
                        '{length over all} + {what fit, wall and mitres reach}',
                        [
                            'length over all' => $top - $bottom,
                            'what fit, wall and mitres reach' => $long - $top + $bottom,
                        ],
                    ),
                    uses: [...$uses, 'fit', 'wall', 'corners'], because: 'both ends',
                );
            $this->body($answer, $input, $settings, $outline, $height, $seat, $scored);
        }
        BezelFindings::judge($answer, $input, $settings, $tube);

        return $answer->answer();
    }

    private function cover(
        AnswerBuilder $answer, Input $input, WorkshopSettings $settings, float $width, bool $cabochon,
    ): float
    {
        $usual = $width <= 4 ? 0.3 : ($width <= 8 ? 0.4 : 0.5);
        $most = $cabochon && $input->has('depth')
            ? $settings->num('seats.cabochon_cover') * $input->num('depth')
            : null;
        if ($input->has('cover')) {
            $cover = $input->num('cover');
            $answer->work(
                'cover', $cover, Formula::taken('as given', $cover), uses: ['cover'], because: 'the goldsmith’s choice',
            );
            if ($most !== null && $cover > $most + 1e-9) {
                $answer->find(
                    Level::Caution, 'cover-too-high', 'cover',
                    sprintf('%.2f mm covers more than 30 %% of the dome: the stone drowns.', $cover),
                    sprintf('Cover %.2f mm at the most.', $most), ['cover' => floor(1000 * $most) / 1000],
                );
            }

            return $cover;
        }
        $cover = min($usual, $most ?? $usual);
        $answer->work('cover', $cover, ($most === null ? Formula::taken('usual', $usual)
            : Formula::of('min({usual}, {most})', ['usual' => $usual, 'most' => $most]))
            ->told(
                'by the width: 0.3 to 4 mm, 0.4 to 8, 0.5 above; at most 30 % of a cabochon’s height',
            ), uses: ['width', 'depth'], because: 'enough to hold and no more');

        return $cover;
    }

    private function body(
        AnswerBuilder $answer, Input $input, WorkshopSettings $settings, Outline $outline, float $height, float $seat,
        bool $scored,
    ): void
    {
        $wax = InWax::read($input, $settings);
        [$wall, $fit, $ledge, $s] = [
            $input->num('wall'), $input->num('fit'), $input->num('ledge_width'), $wax->shrinkage,
        ];
        $perimeter = $outline->perimeter();
        $corner = static fn (bool $sharp): float => $sharp ? M_PI - array_sum($outline->turns()) / 2 + array_sum(
            array_map(static fn (float $turn): float => tan($turn / 2), $outline->turns()),
        ) : M_PI;
        $k = $corner($scored);
        $ring = static fn (float $thick): float => $perimeter * $thick + $k * (($fit + $thick) ** 2 - $fit ** 2);
        // The ledge is what the wall encloses less the hole that the ledge leaves.
        $inner = min($ledge, $outline->wide / 2 + $fit);
        $rest = $perimeter * $inner + $corner(true) * ($fit ** 2 - ($fit - $inner) ** 2);
        $volume = $ring($wall) * $height + $rest * $seat;
        $uses = [...StoneInput::uses($input), 'wall', 'fit', 'ledge_width', 'seat_height', 'cover'];
        $inWax = [...\HotSprue\Wax\Shrinkage::uses($input), 'finish_outside'];
        $answer
            ->work(
                'volume_mm3', $volume,
                Formula::of(
                    '{area of the wall} × {height} + {area of the ledge} × {seat height}',
                    [
                        'area of the wall' => $ring($wall), 'height' => $height, 'area of the ledge' => $rest,
                        'seat height' => $seat,
                    ],
                ),
                uses: $uses, because: 'wall and ledge from above, carried up',
            )
            ->work(
                'wax_volume_mm3', ($ring($wall + $wax->finish) * $height + $rest * $seat) / (1 - $s) ** 3,
                Formula::of(
                    '({wall with its finishing} × {height} + {ledge} × {seat height}) ÷ (1 − {shrinkage}) ^ 3',
                    [
                        'wall with its finishing' => $ring($wall + $wax->finish), 'height' => $height, 'ledge' => $rest,
                        'seat height' => $seat, 'shrinkage' => $s,
                    ],
                ),
                uses: [...$uses, ...$inWax], because: 'its outside face carries the finishing',
            )
            ->work(
                'wall_in_wax', ($wall + $wax->finish) / (1 - $s),
                Formula::of(
                    '({wall} + {outside finishing}) ÷ (1 − {shrinkage})',
                    ['wall' => $wall, 'outside finishing' => $wax->finish, 'shrinkage' => $s],
                ),
                uses: ['wall', ...$inWax], because: 'the outside of a seat cast in one piece carries the finishing',
            );
        $this->masses($answer, $input, $settings, $volume, $uses);
        $carved = new BezelInWax($outline, $wax, $fit);
        $carved->outside($answer, $scored, $wall, $height, [...$uses, ...$inWax]);
        $carved->foot($answer, $wall, $inner, $ring($wall + $wax->finish) + $rest, [...$uses, ...$inWax]);
        $carved->seat($answer, $inWax);
    }

    /** @param list<string> $uses */
    private function masses(
        AnswerBuilder $answer, Input $input, WorkshopSettings $settings, float $volume, array $uses,
    ): void
    {
        $answer->give('masses', array_map(
            static fn (Alloy $alloy): array => ['alloy' => $alloy->name, 'mass' => $volume * $alloy->density / 1000],
            Alloy::all($settings),
        ));
        if ($input->has('alloy')) {
            $alloy = Alloy::named($input->text('alloy'), $settings);
            $answer->work(
                'mass', $volume * $alloy->density / 1000,
                Formula::of('{volume} × {density} ÷ 1000', ['volume' => $volume, 'density' => $alloy->density]),
                uses: [...$uses, 'alloy'], because: 'the bezel alone',
            );
        }
    }

    /** The tube from stock for a small round, said wherever there is one; what it is cut from where tube is chosen. */
    private function tube(AnswerBuilder $answer, Input $input, WorkshopSettings $settings, Outline $outline): ?TubeStock
    {
        $chosen = $input->text('made_from') === 'tube';
        if ($outline->shape !== Shape::Round) {
            if ($chosen) {
                $answer->find(Level::Stop, 'no-tube', 'made_from', 'Tube is round; this stone is not.',
                    'Make the bezel from strip.', ['made_from' => 'strip']);
            }

            return null;
        }
        $tube = TubeStock::slimmestFor($outline->wide, $settings);
        if ($tube !== null) {
            $answer->work(
                'tube', $tube->name,
                Formula::said(
                    'the slimmest whose inside is 0.2 to 0.8 mm under the stone and leaves 0.3 mm of wall',
                    sprintf('%.2f outside, %.2f inside, a %.2f stone', $tube->outside, $tube->inside, $outline->wide),
                ),
                uses: ['width'], because: 'its seat is burred from the tube’s own wall',
            );
        } elseif ($chosen) {
            $answer->find(Level::Stop, 'no-tube', 'made_from',
                sprintf('No tube in stock takes a %.2f mm stone with 0.3 mm of wall round it.', $outline->wide),
                'Make the bezel from strip, or add a tube on the Shop page.', ['made_from' => 'strip']);
        }

        return $chosen ? $tube : null;
    }

    private function ofTube(
        AnswerBuilder $answer, Input $input, WorkshopSettings $settings, TubeStock $tube, float $height,
    ): void
    {
        $uses = ['width', 'made_from', 'seat_height', 'girdle_height', 'cover'];
        foreach (['outside_width', 'outside_length'] as $name) {
            $answer->work(
                $name, $tube->outside, Formula::taken('outside of the tube', $tube->outside),
                uses: ['width', 'made_from'], because: 'as it comes from the stock',
            );
        }
        $answer
            ->work(
                'tube_inside', $tube->inside, Formula::taken('inside of the tube', $tube->inside),
                uses: ['width', 'made_from'], because: 'what the bur leaves of it is the ledge',
            )
            ->work(
                'volume_mm3', $tube->area() * $height,
                Formula::of(
                    'π ÷ 4 × ({outside} ^ 2 − {inside} ^ 2) × {height}',
                    ['outside' => $tube->outside, 'inside' => $tube->inside, 'height' => $height],
                ),
                uses: $uses, because: 'the piece as it is cut off, before its seat is burred',
            );
        $this->masses($answer, $input, $settings, $tube->area() * $height, $uses);
    }
}
