<?php

declare(strict_types=1);

namespace HotSprue\Strip;

use HotSprue\Calculation\Answer;
use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Calculation;
use HotSprue\Calculation\Description;
use HotSprue\Calculation\Formula;
use HotSprue\Calculation\Level;
use HotSprue\Fields\Input;
use HotSprue\Form\Section;
use HotSprue\Form\SectionInput;
use HotSprue\Solder\OldWork;
use HotSprue\Solder\SetStones;
use HotSprue\Stock\Alloy;
use HotSprue\Workshop\WorkshopSettings;

/** A ring made larger or smaller: stretched, pressed, or cut. Source: workbook 11, sizing. */
final class SizeChange implements Calculation
{
    public const SOURCE = 'workbook 11, sizing';

    public const METHODS = ['stretch', 'compress', 'insert', 'take-out'];

    public const STONES = ['none', 'head', 'channel', 'pave', 'full-circle'];

    /** Settings that do not follow a ring that is bent. */
    private const STIFF = ['channel', 'pave', 'full-circle'];

    private const STEPS = [
        'stretch' => [
            'Anneal before each pass.', 'Stretch on the mandrel, turning it; away from any joint and from set stones.',
            'A hammer on the mandrel stretches; a soft mallet does not.',
        ],
        'compress' => [
            'Anneal before each pass.', 'Press through the ring of holes, both ways round.',
            'True it on the mandrel with a soft mallet.',
        ],
        'insert' => [
            'Scribe the cut opposite the head, beside any old joint; saw through.',
            'Open the gap to the piece, file both faces square, close on the piece without light.',
            'Solder both joints in one heat; see Join.',
        ],
        'take-out' => [
            'Scribe both cuts, opposite the head; an old joint goes with the piece.',
            'Saw, close, saw through the closed joint to true it.', 'Solder; see Join.',
        ],
        'leave' => ['It has the size already.'],
    ];

    public function description(): Description
    {
        return SizeChangeDescription::make();
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $alloy = Alloy::named($input->text('alloy'), $settings);
        $work = ColdWorkLimits::of($alloy, $settings);
        $section = SectionInput::read($input);
        [$from, $to] = [$input->num('from'), $input->num('to')];
        $round = $to - $from;
        $strain = $round / $from;
        $answer = AnswerBuilder::of($this, $input)
            ->work(
                'change_round', $round,
                Formula::of('{to} − {from, round the inside}', ['to' => $to, 'from, round the inside' => $from]),
                uses: ['from', 'to'], because: 'a size is held as its inside circumference', source: 'ISO 8653',
            )
            ->work(
                'change_diameter', $round / M_PI, Formula::of('({to} − {from}) ÷ π', ['to' => $to, 'from' => $from]),
                uses: ['from', 'to'], because: 'the same across', source: 'ISO 8653',
            )
            ->work(
                'strain', $strain, Formula::of('({to} − {from}) ÷ {from}', ['to' => $to, 'from' => $from]),
                uses: ['from', 'to'], because: 'what every mm of the shank is stretched',
            )
            ->work(
                'limit', $work->limit, Formula::taken('the workshop’s limit for the metal', $work->limit),
                uses: ['alloy'], because: 'farther, and it cracks',
            );
        $bends = abs($strain) < $work->limit - 1e-12 && ! in_array($input->text('stones_in'), self::STIFF, true);
        $proposed = abs($round) < 1e-9
            ? 'leave'
            : ($round > 0 ? ($bends ? 'stretch' : 'insert') : ($bends ? 'compress' : 'take-out'));
        $method = $proposed === 'leave' ? $proposed : $input->textOrNull('method') ?? $proposed;
        $answer->work(
            'method', $method,
            Formula::said(
                'under the limit and with no stones in the way it is bent, else cut',
                sprintf('%.4f of %.2f', abs($strain), $work->limit),
            ),
            uses: ['from', 'to', 'alloy', 'stones_in'], because: 'a cut is a joint more, a stretch leaves it thinner',
        );
        $answer->give('steps', array_map(static fn (string $step): array => ['step' => $step], self::STEPS[$method]));
        if ($proposed === 'leave') {
            OldWork::judge($input, $answer);

            return $answer->answer();
        }
        $this->measure($answer, $input, $section, $work, $method, $alloy->density, $settings);
        $this->judge($answer, $input, $method, $proposed, $strain, $work->limit, $settings);
        OldWork::judge($input, $answer);
        // Cut, it is soldered; bent, it is annealed: both are a fire with the stones in it.
        SetStones::inOldWork($input, $settings)->judge($answer, 'stones');

        return $answer->answer();
    }

    private function measure(
        AnswerBuilder $answer, Input $input, Section $section, ColdWorkLimits $work, string $method, float $density,
        WorkshopSettings $settings,
    ): void
    {
        $round = $input->num('to') - $input->num('from');
        $kerf = $input->num('kerf');
        $ends = ['from', 'to', 'kerf'];
        $metal = 0.0;
        if ($method === 'insert') {
            $insert = $round + $kerf;
            $metal = $insert;
            $answer->work(
                'insert', $insert, Formula::of('{change} + {kerf}', ['change' => $round, 'kerf' => $kerf]), uses: $ends,
                because: 'the saw takes its own width out of the shank',
            );
        } elseif ($method === 'take-out') {
            $metal = $round;
            $answer->work(
                'edges_apart', -$round, Formula::taken('the change', -$round), uses: ['from', 'to'],
                because: 'all that lies between the outer edges goes, the cuts with it',
            )
                ->work(
                    'scribe_apart', max(0.0, -$round - $kerf),
                    Formula::of('{change} − {kerf}', ['change' => max(-$round, $kerf), 'kerf' => $kerf]), uses: $ends,
                    because: 'each cut is half a kerf wide on its inner side',
                );
            $across = $input->num('from') / M_PI;
            [$outside, $middle] = [$across + 2 * $section->thickness, $across + 2 * $section->centroid];
            $uses = [...$ends, 'profile', 'width', 'thickness'];
            $answer->work(
                'edges_outside', -$round * $outside / $middle,
                Formula::of(
                    '{change} × {(D + 2 t)} ÷ {(D + 2 ȳ)}',
                    ['change' => -$round, '(D + 2 t)' => $outside, '(D + 2 ȳ)' => $middle],
                ),
                uses: $uses, because: 'the outside is longer than the middle of the section',
            )
                ->work(
                    'scribe_outside', max(0.0, -$round - $kerf) * $outside / $middle,
                    Formula::of(
                        '({change} − {kerf}) × {(D + 2 t)} ÷ {(D + 2 ȳ)}',
                        [
                            'change' => max(-$round, $kerf), 'kerf' => $kerf, '(D + 2 t)' => $outside,
                            '(D + 2 ȳ)' => $middle,
                        ],
                    ),
                    uses: $uses, because: 'scribed where the saw is set on',
                );
            if ($kerf > -$round + 1e-9) {
                $answer->find(
                    Level::Caution, 'kerf-takes-it', 'kerf',
                    sprintf('One cut of %.2f mm takes more than the %.2f mm that is to come out.', $kerf, -$round),
                    'Press it smaller, or saw once and file one face to measure.', ['method' => 'compress'],
                );
            }
        } else {
            $strain = $round / $input->num('from');
            $passes = $work->passes($strain);
            $answer->work(
                'passes', $passes,
                Formula::of('ceil({stretch} ÷ ({limit} ÷ 2))', ['stretch' => abs($strain), 'limit' => $work->limit]),
                uses: ['from', 'to', 'alloy'],
                because: 'annealed before each pass; a soft mallet does not stretch, a hammer on the mandrel does',
            )
                ->work(
                    'annealing', $work->annealing(), Formula::said('by the alloy', $input->text('alloy')),
                    uses: ['alloy'], because: 'soft metal moves, hard metal cracks', source: 'workbook 11, annealing',
                );
        }
        $after = in_array(
            $method, ['stretch', 'compress'], true,
        ) ? $section->thickness * (1 - $answer->given('strain') / 2) : $section->thickness;
        $answer->work(
            'thickness_after', $after,
            Formula::of(
                '{thickness} × (1 − {stretch} ÷ 2)',
                ['thickness' => $section->thickness, 'stretch' => 2 * (1 - $after / $section->thickness)],
            ),
            uses: ['thickness', 'from', 'to'], because: 'the metal for the length comes out of width and thickness',
        );
        $grams = $metal * $section->area * $density / 1000;
        $answer->work(
            'metal_change', $grams,
            Formula::of(
                '{length let in or taken out} × {area} × {density} ÷ 1000',
                ['length let in or taken out' => $metal, 'area' => $section->area, 'density' => $density],
            ),
            uses: [...$ends, 'width', 'thickness', 'profile', 'alloy'], because: 'it goes to the metal account',
        );
        $fee = $settings->num($round > 0 ? 'sizing.fee_up' : 'sizing.fee_down');
        $stones = $input->num('stones') * $settings->num('sizing.per_stone');
        $price = $input->numOr('metal_price', 0.0) * max(0.0, $grams);
        $answer->work(
            'price_hint', round($fee + $stones + $price, 2),
            Formula::of(
                '{the workshop’s fee} + {stones × checking} + {metal added × its price}',
                ['the workshop’s fee' => $fee, 'stones × checking' => $stones, 'metal added × its price' => $price],
            ),
            uses: ['from', 'to', 'stones', 'metal_price'], because: 'a hint for the counter, not a quote',
            source: 'the workshop’s own figures',
        );
    }

    private function judge(
        AnswerBuilder $answer, Input $input, string $method, string $proposed, float $strain, float $limit,
        WorkshopSettings $settings,
    ): void
    {
        $across = abs($input->num('to') - $input->num('from')) / M_PI;
        $set = $input->text('stones_in');
        $bent = in_array($method, ['stretch', 'compress'], true);
        $cut = $strain > 0 ? 'insert' : 'take-out';
        if (in_array($method, $strain > 0 ? ['compress', 'take-out'] : ['stretch', 'insert'], true)) {
            $answer->find(
                Level::Stop, 'wrong-way', 'method',
                sprintf(
                    'It is to become %s, and this makes it %s.', $strain > 0 ? 'larger' : 'smaller',
                    $strain > 0 ? 'smaller' : 'larger',
                ),
                'Take the other way.', ['method' => $proposed],
            );
        } elseif ($bent && abs($strain) >= $limit - 1e-12) {
            $answer->find(
                Level::Stop, 'stretch-too-far', 'method',
                sprintf(
                    '%.1f %% is as far as this metal goes, or farther; under %.0f %% is safe.', 100 * abs($strain),
                    100 * $limit,
                ),
                'Cut it.', ['method' => $cut],
            );
        }
        if ($bent && in_array($set, self::STIFF, true)) {
            $answer->find(
                Level::Stop, 'stretch-through-stones', 'method',
                'A zone set with stones does not follow: the stones fall or break.', 'Cut it away from the stones.',
                ['method' => $cut],
            );
        }
        if ($bent && $input->flag('joint')) {
            $answer->find(
                Level::Caution, 'joint-in-way', 'joint', 'A soldered joint tears before the shank stretches.',
                'Stretch away from it, or cut it through and let the metal in there.',
            );
        }
        if (in_array($set, self::STIFF, true) && $across > $settings->num('sizing.stones_stop') + 1e-9) {
            $answer->find(
                Level::Stop, 'stones-remade', 'stones_in',
                sprintf('%.2f mm across is more than such a setting follows.', $across),
                'It is remade to the new size; tell the client.',
            );
        } elseif ($set !== 'none' && $across > $settings->num('sizing.stones_caution') + 1e-9) {
            $answer->find(
                Level::Caution, 'stones-set', 'stones_in',
                sprintf('%.2f mm across bends the setting: stones loosen or chip.', $across),
                'Check every stone before and after, and tighten; or take them out first.',
            );
        }
        $least = $settings->num('limits.crown_caution');
        if ($answer->given('thickness_after') < $least - 1e-9 && $bent) {
            $answer->find(
                Level::Caution, 'thin-after', 'thickness',
                sprintf(
                    '%.2f mm is left; under %.1f mm a daily ring wears through.', $answer->given('thickness_after'),
                    $least,
                ),
                'Let metal in instead.', ['method' => $cut],
            );
        }
    }
}
