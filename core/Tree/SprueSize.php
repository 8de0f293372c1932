<?php

declare(strict_types=1);

namespace HotSprue\Tree;

use HotSprue\Calculation\Answer;
use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Calculation;
use HotSprue\Calculation\Description;
use HotSprue\Calculation\Formula;
use HotSprue\Calculation\Level;
use HotSprue\Calculation\Output;
use HotSprue\Fields\BadInput;
use HotSprue\Fields\Field;
use HotSprue\Fields\Input;
use HotSprue\Form\Band;
use HotSprue\Form\ImpossibleSection;
use HotSprue\Form\Profile;
use HotSprue\Form\SideOutline;
use HotSprue\Measures\Quantity;
use HotSprue\Workshop\WorkshopSettings;

/** How thick a sprue is and how many there are, so that metal freezes last in the sprue. Source: workbook 8. */
final class SprueSize implements Calculation
{
    private const SOURCE = 'workbook 8, sprue';

    private const MOST = 4;

    public function description(): Description
    {
        return new Description(
            'sprue.size',
            'Sprues',
            'How thick the sprues are and how many, so that they freeze last',
            self::SOURCE,
            [
                Field::length('section_modulus', 'area over perimeter of the heaviest section, as cast')->optional(),
                Field::choice('profile', Profile::names(), 'cross-section of the shank')->optional(),
                Field::length('width', 'width as cast, at the top')->optional(),
                Field::length('width_base', 'width as cast, at the base; as the top unless said')->called('width at the base')->optional(),
                Field::length('thickness', 'thickness as cast, at the top')->optional(),
                Field::length('thickness_base', 'thickness as cast, at the base; as the top unless said')->called('thickness at the base')->optional(),
                Field::length('edge', 'height of a knife’s edge')->called('edge, high')->optional(),
                Field::length('rise_inside', 'a court’s inner dome at the top; 0.12 of the thickness unless said')->called('inner dome')->optional(),
                Field::length('rise_outside', 'a court’s outer dome at the top; 0.35 of the thickness unless said')->called('outer dome')->optional(),
                Field::length('inner_diameter', 'inside diameter as cast')->called('inside diameter')->optional(),
                Field::length('head_modulus', 'area over perimeter of the root of a head cast in one piece, as cast')->called('head’s modulus')->optional(),
                Field::count('count', 'sprues to one pattern; by reach and mass unless said')->called('sprues')->between(1, 8)->optional(),
                Field::choice('feed_at', ['base', 'head', 'shoulders'], 'where the sprues join')->called('fed at')->default('base'),
                Field::of(Quantity::Angle, 'y_angle_deg', 'angle between a Y’s arms round the ring; evenly spaced unless said')->called('angle of the Y')->optional(),
                Field::length('length', 'length of a sprue')->called('sprue length')->fromSetting('sprue.length'),
                Field::length('stem_length', 'length of the stem that two or more sprues join')->allowingZero()->fromSetting('sprue.stem_length'),
                Field::length('sprue_diameter', 'a sprue wire chosen by hand')->called('sprue wire')->optional(),
            ],
            [
                Output::length('section_modulus', 'modulus of the heaviest section'),
                Output::length('thinnest_modulus', 'modulus of the lightest section')->called('thinnest modulus'),
                Output::length('diameter', 'thinnest sprue that freezes last'),
                Output::length('stock_diameter', 'nearest wire in stock not under it')->called('sprue wire'),
                Output::of(Quantity::Count, 'count', 'sprues to one pattern'),
                Output::of(Quantity::SquareMillimetres, 'gate_area', 'area of one pattern’s gates'),
                Output::of(Quantity::CubicMillimetres, 'sprue_volume_mm3', 'volume of the sprues and their stem'),
                Output::rows('legs_mm', 'length of each sprue, from the stem to where it joins, mm'),
                Output::length('height', 'from the button to the pattern'),
                Output::length('stem_diameter', 'stem that they join')->called('stem'),
                Output::rows('reaches', 'reach of each count, in moduli of the thinnest section and in mm'),
            ],
            [
                'reach-long' => 'metal runs over 45 moduli of the thinnest section from a gate',
                'reach-too-long' => 'metal runs over 73 moduli of the thinnest section from a gate',
                'few-for-mass' => 'fewer sprues than the heaviest section asks for',
                'fed-through-light' => 'fed at a base lighter than 0.9 of the heaviest section',
                'sprue-slim' => 'the chosen wire is under 1.1 times the section’s modulus',
                'sprue-freezes-first' => 'the chosen wire’s modulus is under the section’s',
                'no-wire' => 'no wire in stock is thick enough',
            ],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $band = $this->band($input);
        [$top, $base] = $this->moduli($input, $band);
        $head = $input->numOr('head_modulus', 0.0);
        $heaviest = max($top, $base, $head);
        $margin = $settings->num('sprue.margin');
        $least = $settings->num('sprue.least');
        $section = $band === null ? ['section_modulus'] : ['profile', 'width', 'thickness'];
        $diameter = max(4 * $margin * $heaviest, $least);
        $wire = $this->wire($diameter, $settings);
        $answer = AnswerBuilder::of($this, $input)
            ->work('section_modulus', $heaviest, Formula::of('max({modulus at the top}, {modulus at the base}, {modulus of a head’s root})', ['modulus at the top' => $top, 'modulus at the base' => $base, 'modulus of a head’s root' => $head]), uses: [...$section, 'head_modulus'], because: 'the heaviest section freezes last and must be fed longest')
            ->work('thinnest_modulus', min($top, $base), Formula::of('min({modulus at the top}, {modulus at the base})', ['modulus at the top' => $top, 'modulus at the base' => $base]), uses: $section, because: 'the lightest section freezes first')
            ->work('diameter', $diameter, Formula::of('max(4 × {margin} × {section modulus}, {thinnest sprue})', ['margin' => $margin, 'section modulus' => $heaviest, 'thinnest sprue' => $least]), uses: $section, because: 'a round sprue’s modulus is a quarter of its diameter, and freezing time goes with the square of the modulus');
        $chosen = $input->numOr('sprue_diameter', $wire ?? $diameter);
        $reaches = $band === null ? [] : $this->reaches($input, $band, min($top, $base), $settings);
        $byMass = $this->countByMass($heaviest, $band);
        $byFeed = $input->text('feed_at') === 'shoulders' ? 2 : 1;
        $advised = max($byMass, $this->countByReach($reaches), $byFeed);
        $count = (int) $input->numOr('count', $advised);
        $gates = $count * M_PI / 4 * $chosen ** 2;
        $legs = Legs::lengths($band === null ? null : self::fedSide($input, $band), $input->num('length'), $count, $input->has('y_angle_deg') ? $input->num('y_angle_deg') : null);
        $long = array_sum($legs) / count($legs);
        $stem = max(1.1 * $chosen, sqrt($count) * $chosen);
        $stemLength = $count > 1 ? $input->num('stem_length') : 0.0;
        $uses = [...$section, 'count', 'length'];
        $answer
            ->work('stock_diameter', $wire ?? $diameter, Formula::taken('nearest wire in stock not under the diameter', $wire ?? $diameter), uses: $section, because: sprintf('the least is %.3f mm', $diameter))
            ->work('count', $count, $input->has('count') ? Formula::taken('as chosen', $count) : Formula::of('max({by mass}, {by reach}, {by where it is fed})',
                ['by mass' => $byMass, 'by reach' => $this->countByReach($reaches), 'by where it is fed' => $byFeed]), uses: [...$section, 'count', 'feed_at'], because: sprintf('%d by the mass of the heaviest section, %d by reach%s', $byMass, $this->countByReach($reaches), $byFeed === 2 ? ', a Y to both shoulders' : ''))
            ->work('gate_area', $gates, Formula::of('{count} × π ÷ 4 × {wire} ^ 2', ['count' => $count, 'wire' => $chosen]), uses: [...$section, 'count', 'sprue_diameter'], because: 'all the metal of one pattern comes through here')
            ->work('stem_diameter', $stem, Formula::of('max(1.1 × {wire}, √({count}) × {wire})', ['wire' => $chosen, 'count' => $count]), uses: [...$section, 'count'], because: 'the stem freezes after its sprues, and is as wide as all of them')
            ->work('sprue_volume_mm3', $gates * $long + M_PI / 4 * $stem ** 2 * $stemLength, Formula::of('{gates} × {mean length of a leg} + π ÷ 4 × {stem} ^ 2 × {stem length}', ['gates' => $gates, 'mean length of a leg' => $long, 'stem' => $stem, 'stem length' => $stemLength]), uses: [...$uses, 'stem_length'], because: 'one sprue stands on the button itself; legs run from the stem to where they join')
            ->work('height', $input->num('length') + $stemLength, Formula::of('{sprue length} + {stem length}', ['sprue length' => $input->num('length'), 'stem length' => $stemLength]), uses: ['length', 'stem_length', 'count'], because: 'one sprue needs no stem')
            ->give('reaches', $reaches)
            ->give('legs_mm', $legs);
        $this->judgeReach($answer, $reaches, $count, $advised, $byMass, $heaviest);
        $this->judgeSprue($answer, $input, $settings, $base, $heaviest, $chosen, $wire, $diameter);

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
        if ($input->text('profile') === Profile::Knife->value && ! $input->has('edge')) {
            throw BadInput::field('edge', 'A knife section needs the height of its edge; a length under the thickness is accepted.');
        }

        return new Band($input->num('inner_diameter'), Profile::from($input->text('profile')), $input->num('width'), $input->numOr('width_base', $input->num('width')),
            $input->num('thickness'), $input->numOr('thickness_base', $input->num('thickness')), $input->has('edge') ? $input->num('edge') : null,
            $input->has('rise_inside') ? $input->num('rise_inside') : null, $input->has('rise_outside') ? $input->num('rise_outside') : null);
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
                throw BadInput::neitherGiven('section_modulus', ['a section modulus', 'profile, width, thickness and inside diameter']);
            }

            return [$input->num('section_modulus'), $input->num('section_modulus')];
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
            $level = $reach <= $settings->num('sprue.reach_caution') + 1e-9 ? 'fine' : ($reach <= $settings->num('sprue.reach_stop') + 1e-9 ? 'caution' : 'stop');
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

    /** @param list<array{count: int, reach: float, reach_mm: float, level: string}> $reaches */
    private function judgeReach(AnswerBuilder $answer, array $reaches, int $count, int $advised, int $byMass, float $heaviest): void
    {
        $reach = $reaches[$count - 1] ?? null;
        $set = $count === $advised ? [] : ['count' => $advised];
        if ($reach !== null && $reach['level'] !== 'fine') {
            $stop = $reach['level'] === 'stop';
            $answer->find($stop ? Level::Stop : Level::Caution, $stop ? 'reach-too-long' : 'reach-long', 'count',
                sprintf('With %d the metal runs %.1f mm, %.0f moduli of the thinnest section%s.', $count, $reach['reach_mm'], $reach['reach'], $stop ? ': it freezes on the way' : ''),
                $set === [] ? 'Make the thin part thicker, or feed it there too.' : sprintf('Take %d sprues.', $advised), $set);
        }
        if ($count < $byMass) {
            $answer->find(Level::Caution, 'few-for-mass', 'count', sprintf('A section of modulus %.2f mm is fed by %d; one gate leaves it hollow inside.', $heaviest, $byMass), sprintf('Take %d sprues.', $advised), ['count' => $advised]);
        }
    }

    private function judgeSprue(AnswerBuilder $answer, Input $input, WorkshopSettings $settings, float $base, float $heaviest, float $chosen, ?float $wire, float $diameter): void
    {
        if ($input->text('feed_at') === 'base' && $base < 0.9 * $heaviest - 1e-9) {
            $answer->find(Level::Caution, 'fed-through-light', 'feed_at', sprintf('The base is %.0f %% of the heaviest section: it freezes before the top is fed.', 100 * $base / $heaviest),
                'Feed the head, or both shoulders with a Y.', ['feed_at' => 'shoulders']);
        }
        $set = ['sprue_diameter' => $wire ?? round($diameter, 6)];
        if ($chosen / 4 < $heaviest - 1e-9) {
            $answer->find(Level::Stop, 'sprue-freezes-first', 'sprue_diameter', sprintf('A %.1f mm sprue freezes before the ring does.', $chosen), sprintf('Take %.1f mm.', $wire ?? $diameter), $set);
        } elseif ($chosen < 4 * $settings->num('sprue.margin') * $heaviest - 1e-9) {
            $answer->find(Level::Caution, 'sprue-slim', 'sprue_diameter', sprintf('A %.1f mm sprue freezes little later than the ring.', $chosen), sprintf('Take %.1f mm.', $wire ?? $diameter), $set);
        }
        if ($wire === null) {
            $answer->find(Level::Note, 'no-wire', 'sprue_diameter', sprintf('No sprue wire in stock is as thick as %.2f mm.', $diameter), 'Roll two together, or add one on the Shop page.');
        }
    }
}
