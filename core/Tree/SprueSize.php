<?php

declare(strict_types=1);

namespace HotSprue\Tree;

use HotSprue\Calculation\Answer;
use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Calculation;
use HotSprue\Calculation\Description;
use HotSprue\Calculation\Formula;
use HotSprue\Calculation\Level;
use HotSprue\Fields\BadInput;
use HotSprue\Fields\Input;
use HotSprue\Form\Band;
use HotSprue\Form\ImpossibleSection;
use HotSprue\Form\SectionInput;
use HotSprue\Form\SideOutline;
use HotSprue\Workshop\WorkshopSettings;

/** How thick a sprue is and how many there are, so that metal freezes last in the sprue. Source: workbook 8. */
final class SprueSize implements Calculation
{
    public const SOURCE = 'workbook 8, sprue';

    private const MOST = 4;

    public function description(): Description
    {
        return SprueSizeDescription::make();
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $band = $this->band($input);
        [$top, $base] = $this->moduli($input, $band);
        $head = $input->numOr('head_modulus', 0.0);
        $heaviest = max($top, $base, $head);
        $margin = $settings->num('sprue.margin');
        $least = $settings->num('sprue.least');
        $section = match (true) {
            $band === null => ['section_modulus'],
            $input->has('pattern_modulus') => ['pattern_modulus', 'pattern_modulus_base'],
            default => ['profile', 'width', 'thickness'],
        };
        $diameter = max(4 * $margin * $heaviest, $least);
        $wire = $this->wire($diameter, $settings);
        $answer = AnswerBuilder::of($this, $input)
            ->work(
                'section_modulus', $heaviest,
                Formula::of(
                    'max({modulus at the top}, {modulus at the base}, {modulus of a head’s root})',
                    ['modulus at the top' => $top, 'modulus at the base' => $base, 'modulus of a head’s root' => $head],
                ),
                uses: [...$section, 'head_modulus'],
                because: 'the heaviest section freezes last and must be fed longest',
            )
            ->work(
                'thinnest_modulus', min($top, $base),
                Formula::of(
                    'min({modulus at the top}, {modulus at the base})',
                    ['modulus at the top' => $top, 'modulus at the base' => $base],
                ),
                uses: $section, because: 'the lightest section freezes first',
            )
            ->work(
                'diameter', $diameter,
                Formula::of(
                    'max(4 × {margin} × {section modulus}, {thinnest sprue})',
                    ['margin' => $margin, 'section modulus' => $heaviest, 'thinnest sprue' => $least],
                ),
                uses: $section,
                because: 'a round sprue’s modulus is a quarter of its diameter, and freezing time goes with the '
                    .'square of the modulus',
            );
        $chosen = $input->numOr('sprue_diameter', $wire ?? $diameter);
        $reaches = $band === null ? [] : $this->reaches($input, $band, min($top, $base), $settings);
        $byMass = $this->countByMass($heaviest, $band);
        $byFeed = $input->text('feed_at') === 'shoulders' ? 2 : 1;
        $byReach = $this->countByReach($reaches);
        $advised = max($byMass, $byReach, $byFeed);
        $count = (int) $input->numOr('count', $advised);
        $gates = $count * M_PI / 4 * $chosen ** 2;
        $legs = Legs::lengths(
            $band === null ? null : self::fedSide($input, $band), $input->num('length'), $count,
            $input->has('y_angle_deg') ? $input->num('y_angle_deg') : null,
        );
        $long = array_sum($legs) / count($legs);
        $stem = max(1.1 * $chosen, sqrt($count) * $chosen);
        $stemLength = $count > 1 ? $input->num('stem_length') : 0.0;
        $uses = [...$section, 'count', 'length'];
        $answer
            ->work(
                'stock_diameter', $wire ?? $diameter,
                Formula::taken('nearest wire in stock not under the diameter', $wire ?? $diameter), uses: $section,
                because: sprintf('the least is %.3f mm', $diameter),
            )
            ->work(
                'count', $count,
                $input->has('count') ? Formula::taken('as chosen', $count) : Formula::of(
                    'max({by mass}, {by reach}, {by where it is fed})',
                    ['by mass' => $byMass, 'by reach' => $byReach, 'by where it is fed' => $byFeed],
                ),
                uses: [...$section, 'count', 'feed_at'],
                because: sprintf('%d by the mass of the heaviest section, %d by reach', $byMass, $byReach)
                    .($byFeed === 2 ? ', a Y to both shoulders' : ''),
            )
            ->work(
                'gate_area', $gates,
                Formula::of('{count} × π ÷ 4 × {wire} ^ 2', ['count' => $count, 'wire' => $chosen]),
                uses: [...$section, 'count', 'sprue_diameter'],
                because: 'all the metal of one pattern comes through here',
            )
            ->work(
                'stem_diameter', $stem,
                Formula::of('max(1.1 × {wire}, √({count}) × {wire})', ['wire' => $chosen, 'count' => $count]),
                uses: [...$section, 'count'],
                because: 'the stem freezes after its sprues, and is as wide as all of them',
            )
            ->work(
                'sprue_volume_mm3', $gates * $long + M_PI / 4 * $stem ** 2 * $stemLength,
                Formula::of(
                    '{gates} × {mean length of a leg} + π ÷ 4 × {stem} ^ 2 × {stem length}',
                    ['gates' => $gates, 'mean length of a leg' => $long, 'stem' => $stem, 'stem length' => $stemLength],
                ),
                uses: [...$uses, 'stem_length'],
                because: 'one sprue stands on the button itself; legs run from the stem to where they join',
            )
            ->work(
                'height', $input->num('length') + $stemLength,
                Formula::of(
                    '{sprue length} + {stem length}',
                    ['sprue length' => $input->num('length'), 'stem length' => $stemLength],
                ),
                uses: ['length', 'stem_length', 'count'], because: 'one sprue needs no stem',
            )
            ->give('reaches', $reaches)
            ->give('legs_mm', $legs);
        SprueFindings::judgeReach($answer, $reaches, $count, $advised, $byMass, $heaviest);
        SprueFindings::judgeSprue($answer, $input, $settings, $base, $heaviest, $chosen, $wire, $diameter);

        return $answer->answer();
    }

    /** @throws BadInput */
    private function band(Input $input): ?Band
    {
        if (! $input->has('width')) {
            foreach (['profile', 'width_base', 'rise_inside', 'rise_outside'] as $half) {
                if ($input->has($half)) {
                    throw BadInput::neitherGiven('width', ['a width with the profile']);
                }
            }

            return null;
        }
        if ($input->has('section_modulus')) {
            throw BadInput::bothGiven(['section_modulus', 'width']);
        }
        foreach (['profile', 'thickness', 'inner_diameter'] as $half) {
            if (! $input->has($half)) {
                throw BadInput::neitherGiven($half, ['profile, width, thickness and inside diameter together']);
            }
        }

        return SectionInput::band($input, $input->num('inner_diameter'));
    }

    /**
     * @return array{float, float} section modulus at the top and at the base
     *
     * @throws BadInput
     */
    private function moduli(Input $input, ?Band $band): array
    {
        if ($band === null) {
            if (! $input->has('section_modulus')) {
                throw BadInput::neitherGiven(
                    'section_modulus', ['a section modulus', 'profile, width, thickness and inside diameter'],
                );
            }

            return [$input->num('section_modulus'), $input->num('section_modulus')];
        }
        if ($input->has('pattern_modulus')) {
            $measured = $input->num('pattern_modulus');

            return [$measured, $input->numOr('pattern_modulus_base', $measured)];
        }
        try {
            return [$band->section(0.0)->modulus(), $band->section(M_PI)->modulus()];
        } catch (ImpossibleSection $impossible) {
            throw BadInput::field($impossible->field === 'edge' ? 'edge' : 'thickness', $impossible->getMessage());
        }
    }

    /** The ring's outline with the side that is fed as its top. */
    private static function fedSide(Input $input, Band $band): SideOutline
    {
        return $input->text('feed_at') === 'base'
            ? new SideOutline($band->innerDiameter, $band->thicknessBase, $band->thicknessTop)
            : new SideOutline($band->innerDiameter, $band->thicknessTop, $band->thicknessBase);
    }

    private function wire(float $diameter, WorkshopSettings $settings): ?float
    {
        $wires = array_column($settings->rows('stock.sprue_wires'), 'diameter');
        sort($wires);
        foreach ($wires as $wire) {
            if ($wire >= $diameter - 1e-9) {
                return (float) $wire;
            }
        }

        return null;
    }

    private function countByMass(float $modulus, ?Band $band): int
    {
        $byModulus = $modulus <= 0.7 + 1e-9 ? 1 : ($modulus <= 1.0 + 1e-9 ? 2 : 3);

        return max($byModulus, $band !== null && max($band->widthTop, $band->widthBase) > 8.0 + 1e-9 ? 2 : 1);
    }

    /** @return list<array{count: int, reach: float, reach_mm: float, level: string}> */
    private function reaches(Input $input, Band $band, float $thinnest, WorkshopSettings $settings): array
    {
        $round = M_PI * ($band->innerDiameter + ($band->thicknessTop + $band->thicknessBase) / 2);
        $reaches = [];
        for ($count = 1; $count <= max(self::MOST, (int) $input->numOr('count', 1)); $count++) {
            $mm = $round / (2 * $count);
            if ($count === 2 && $input->has('y_angle_deg')) {
                $angle = $input->num('y_angle_deg');
                $mm = $round * max($angle, 360 - $angle) / 360 / 2;
            }
            $reach = $mm / $thinnest;
            $level = $reach <= $settings->num('sprue.reach_caution') + 1e-9
                ? 'fine'
                : ($reach <= $settings->num('sprue.reach_stop') + 1e-9 ? 'caution' : 'stop');
            $reaches[] = ['count' => $count, 'reach' => $reach, 'reach_mm' => $mm, 'level' => $level];
        }

        return $reaches;
    }

    /** @param list<array{count: int, level: string}> $reaches */
    private function countByReach(array $reaches): int
    {
        foreach ($reaches as $reach) {
            if ($reach['level'] === 'fine') {
                return $reach['count'];
            }
        }

        return $reaches === [] ? 1 : self::MOST;
    }
}
