<?php

declare(strict_types=1);

namespace HotSprue\Form;

use HotSprue\Calculation\Answer;
use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Calculation;
use HotSprue\Calculation\Description;
use HotSprue\Calculation\Level;
use HotSprue\Calculation\Output;
use HotSprue\Fields\BadInput;
use HotSprue\Fields\Field;
use HotSprue\Fields\Input;
use HotSprue\Measures\Quantity;
use HotSprue\Stock\Alloy;
use HotSprue\Workshop\WorkshopSettings;

/** The volume and mass of a plain or tapered band, and where it is too thin. Source: workbook 2. */
final class FormBand implements Calculation
{
    private const SOURCE = 'workbook 2, the form of the ring';

    /** Under this a shank does not hold a heavy top upright, mm. */
    private const STEADY_SHANK = 2.0;

    public function description(): Description
    {
        return new Description(
            'form.band',
            'What a band holds and weighs, and where it is too thin',
            [...FingerInput::fields(), ...self::shape(), Field::named('alloy', 'stock.alloys', 'the alloy it is to be made of')->optional(), Field::of(Quantity::CubicMillimetres, 'head_volume_mm3', 'volume of the head that belongs to it')->allowingZero()->default(0.0), ...Head::fields(), Field::yesNo('beside_neighbour', 'whether it stands beside another ring')->default(false), Field::text('neighbour_profile', 'the neighbour’s profile at the touching face')->optional()],
            [
                Output::of(Quantity::CubicMillimetres, 'volume_mm3', 'volume of the band'),
                Output::of(Quantity::CubicMillimetres, 'ring_volume_mm3', 'volume of band and head'),
                Output::of(Quantity::SquareMillimetres, 'area_top', 'area of the section at the top'),
                Output::of(Quantity::SquareMillimetres, 'area_base', 'area of the section at the base'),
                Output::length('perimeter_top', 'perimeter of the section at the top'),
                Output::length('centroid_top', 'centroid of the section above the finger side, at the top'),
                Output::length('section_modulus', 'area over perimeter at the top'),
                Output::length('outer_diameter_top', 'outside diameter by the thickness at the top'),
                Output::length('outer_diameter_base', 'outside diameter by the thickness at the base'),
                Output::length('outer_height', 'outside from top to base'),
                Output::length('width_greatest', 'width where it is broadest'),
                Output::length('whole_across', 'band and head, across the finger'),
                Output::length('whole_along', 'band and head, along the finger'),
                Output::length('whole_tall', 'band and head, from the base to the top'),
                Output::length('unrolled_inner', 'inside, unrolled'),
                Output::length('unrolled_outer', 'outside, unrolled'),
                Output::length('least_thickness', 'thinnest crown after heavy finishing'),
                Output::share('share_above', 'share of the mass above the finger’s centre line'),
                Output::mass('mass', 'mass in its own alloy'),
                Output::rows('masses', 'mass in every alloy, g'),
            ],
            [
                'crown-too-thin' => 'thinnest crown after heavy finishing under 0.8 mm',
                'crown-thin' => 'thinnest crown after heavy finishing under 1.2 mm',
                'edge-thin' => 'edge of a court or knife after heavy finishing under 0.8 mm',
                'base-much-thinner' => 'base under half as thick as the top',
                'top-heavy' => 'over 60 % of the mass above the centre line, shank under 2 mm wide',
                'neighbour-unknown' => 'stands beside a ring whose profile is not known',
            ],
        );
    }

    /** @return list<Field> the fields that give a band its shape */
    public static function shape(): array
    {
        return [
            Field::choice('profile', Profile::names(), 'cross-section of the shank')->default('flat'),
            Field::length('width_top', 'width at the top of the finger'),
            Field::length('width_base', 'width at the base; as the top unless said')->optional(),
            Field::length('thickness_top', 'thickness at the top'),
            Field::length('thickness_base', 'thickness at the base; as the top unless said')->optional(),
            Field::length('edge', 'height of a knife’s edge at the top')->optional(),
            Field::length('rise_inside', 'a court’s inner dome at the top; 0.12 of the thickness unless said')->optional(),
            Field::length('rise_outside', 'a court’s outer dome at the top; 0.35 of the thickness unless said')->optional(),
        ];
    }

    /** @throws BadInput when the section cannot be cut */
    public static function band(Input $input, float $innerDiameter): Band
    {
        $profile = Profile::from($input->text('profile'));
        foreach (['edge' => Profile::Knife, 'rise_inside' => Profile::Court, 'rise_outside' => Profile::Court] as $field => $only) {
            if ($input->has($field) && $profile !== $only) {
                throw BadInput::field($field, sprintf('Only a %s section has this; the profile is %s.', $only->value, $profile->value));
            }
        }
        if ($profile === Profile::Knife && ! $input->has('edge')) {
            throw BadInput::field('edge', 'A knife section needs the height of its edge; a length under the thickness is accepted.');
        }

        return new Band(
            $innerDiameter, $profile,
            $input->num('width_top'), $input->numOr('width_base', $input->num('width_top')),
            $input->num('thickness_top'), $input->numOr('thickness_base', $input->num('thickness_top')),
            $input->has('edge') ? $input->num('edge') : null,
            $input->has('rise_inside') ? $input->num('rise_inside') : null,
            $input->has('rise_outside') ? $input->num('rise_outside') : null,
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $diameter = FingerInput::read($input)->diameter();
        $band = self::band($input, $diameter);
        try {
            [$top, $base] = [$band->section(0.0), $band->section(M_PI)];
            ['volume' => $volume, 'above' => $above] = $band->volume();
        } catch (ImpossibleSection $impossible) {
            throw BadInput::field($impossible->field, $impossible->getMessage());
        }
        $headVolume = $input->num('head_volume_mm3');
        $ring = $volume + $headVolume;
        // A head stands wholly above the finger's centre line.
        $above = ($above * $volume + $headVolume) / $ring;
        $answer = AnswerBuilder::of($this, $input);
        $size = FingerInput::uses($input);
        $shape = ['profile', 'width_top', 'thickness_top'];
        $extra = self::heavyExtra($settings);
        $thinnest = min($band->thicknessTop, $band->thicknessBase);

        $band->isTapered()
            ? $answer->work('volume_mm3', $volume, '2π × the mean round the ring of area × (D ÷ 2 + centroid height)', '2 × π × {}', [$volume / (2 * M_PI)], [...$size, ...$shape, 'width_base', 'thickness_base'],
                sprintf('each element goes round at its own centroid; area %.3f mm² at the top, %.3f at the base', $top->area, $base->area), 'Pappus; '.self::SOURCE)
            : $answer->work('volume_mm3', $volume, '2π × area × (D ÷ 2 + centroid height)', '2 × π × {} × ({} ÷ 2 + {})', [$top->area, $diameter, $top->centroid], [...$size, ...$shape],
                'a section carried round a circle sweeps its area times the path of its centroid', 'Pappus; '.self::SOURCE);
        $this->workSection($answer, $top, $shape);
        $answer
            ->work('area_base', $base->area, 'the section at the base, as at the top', '{}', [$base->area], [...$shape, 'width_base', 'thickness_base'], 'the exact shape', self::SOURCE)
            ->work('section_modulus', $top->modulus(), 'area ÷ perimeter', '{} ÷ {}', [$top->area, $top->perimeter], $shape,
                'metal freezes in the square of this', 'workbook 8, sprue')
            ->work('outer_diameter_top', $diameter + 2 * $band->thicknessTop, 'D + 2 × thickness at the top', '{} + 2 × {}', [$diameter, $band->thicknessTop], [...$size, 'thickness_top'], 'the wall stands on both sides', 'geometry')
            ->work('outer_diameter_base', $diameter + 2 * $band->thicknessBase, 'D + 2 × thickness at the base', '{} + 2 × {}', [$diameter, $band->thicknessBase], [...$size, 'thickness_base'], 'the wall stands on both sides', 'geometry')
            ->work('outer_height', $diameter + $band->thicknessTop + $band->thicknessBase, 'D + thickness at the top + thickness at the base', '{} + {} + {}', [$diameter, $band->thicknessTop, $band->thicknessBase], [...$size, 'thickness_top', 'thickness_base'], 'from top to base across the finger', 'geometry')
            ->work('width_greatest', max($band->widthTop, $band->widthBase), 'the larger of width at the top and at the base', 'max({}, {})', [$band->widthTop, $band->widthBase], ['width_top', 'width_base'], 'where it is broadest', 'geometry')
            ->work('unrolled_inner', M_PI * $diameter, 'π × D', 'π × {}', [$diameter], $size, 'the inside laid flat', 'geometry')
            ->work('unrolled_outer', M_PI * ($diameter + $band->thicknessTop + $band->thicknessBase), 'π × (D + thickness at the top + thickness at the base)', 'π × ({} + {} + {})',
                [$diameter, $band->thicknessTop, $band->thicknessBase], [...$size, 'thickness_top', 'thickness_base'], 'the outside laid flat', self::SOURCE)
            ->work('least_thickness', $thinnest - $extra, 'thinnest crown − (heavy − 1) × (inside + outside finishing)', '{} − ({} − 1) × ({} + {})',
                [$thinnest, $settings->num('allowances.heavy'), $settings->num('allowances.finish_inside'), $settings->num('allowances.finish_outside')], ['thickness_top', 'thickness_base'],
                'the finished size already allows for usual finishing; removing a heavy texture takes as much again', self::SOURCE)
            ->work('share_above', $above, 'volume of band and head above the finger’s middle ÷ volume of both', '{} ÷ {}', [$above * $ring, $ring], [...$size, ...$shape, 'head_volume_mm3'], 'a ring that is heavy on top turns', self::SOURCE)
            ->work('ring_volume_mm3', $ring, 'band + head', '{} + {}', [$volume, $ring - $volume], [...$size, ...$shape, 'head_volume_mm3'], 'the ring is the sum of its parts', self::SOURCE)
            ->give('masses', array_map(static fn (Alloy $alloy): array => ['alloy' => $alloy->name, 'mass' => $ring * $alloy->density / 1000], Alloy::all($settings)));
        if ($input->has('alloy')) {
            $alloy = Alloy::named($input->text('alloy'), $settings);
            $answer->work('mass', $ring * $alloy->density / 1000, 'volume of band and head × density ÷ 1000', '{} × {} ÷ 1000', [$ring, $alloy->density], [...$size, ...$shape, 'head_volume_mm3', 'alloy'], 'the finished ring, without its stones', self::SOURCE);
        }
        $this->workWhole($answer, Head::read($input), $band);
        $this->judge($answer, $input, $band, $above, $settings);

        return $answer->answer();
    }

    private function workWhole(AnswerBuilder $answer, Head $head, Band $band): void
    {
        $side = new SideOutline($band->innerDiameter, $band->thicknessTop, $band->thicknessBase);
        $wide = 2 * $side->halfWidth();
        $broad = max($band->widthTop, $band->widthBase);
        $tall = $band->innerDiameter + $band->thicknessTop + $band->thicknessBase;
        $answer
            ->work('whole_across', max($wide, $head->across), 'the larger of the band where it is widest and the head', 'max({}, {})',
                [$wide, $head->across], ['inner_diameter', 'thickness_top', 'thickness_base', 'head_across'],
                'a band thick on top is widest above the middle of its bore', 'geometry')
            ->work('whole_along', max($broad, $head->along), 'the larger of the band’s width and the head', 'max({}, {})',
                [$broad, $head->along], ['width_top', 'width_base', 'head_along'], 'a head may stand over the band’s edges', 'geometry')
            ->work('whole_tall', $tall + $head->height, 'outside from top to base + head', '{} + {}',
                [$tall, $head->height], ['inner_diameter', 'thickness_top', 'thickness_base', 'head_height'], 'what must come out of blank and flask', 'geometry');
    }

    /** What heavy finishing takes beyond the usual, mm of thickness. */
    public static function heavyExtra(WorkshopSettings $settings): float
    {
        return max(0.0, $settings->num('allowances.heavy') - 1) * ($settings->num('allowances.finish_inside') + $settings->num('allowances.finish_outside'));
    }

    /** @param list<string> $uses */
    private function workSection(AnswerBuilder $answer, Section $top, array $uses): void
    {
        [$w, $t] = [$top->width, $top->thickness];
        $because = 'the exact shape';
        match ($top->profile) {
            Profile::Flat => $answer->work('area_top', $top->area, 'width × thickness', '{} × {}', [$w, $t], $uses, $because, self::SOURCE)
                ->work('centroid_top', $top->centroid, 'thickness ÷ 2', '{} ÷ 2', [$t], $uses, $because, self::SOURCE),
            Profile::Round => $answer->work('area_top', $top->area, 'π × width × thickness ÷ 4', 'π × {} × {} ÷ 4', [$w, $t], $uses, $because, self::SOURCE)
                ->work('centroid_top', $top->centroid, 'thickness ÷ 2', '{} ÷ 2', [$t], $uses, $because, self::SOURCE),
            Profile::Knife => $answer->work('area_top', $top->area, 'width × (edge + thickness) ÷ 2', '{} × ({} + {}) ÷ 2', [$w, $top->edge, $t], [...$uses, 'edge'], $because, self::SOURCE)
                ->work('centroid_top', $top->centroid, '(width × edge² ÷ 2 + width × ridge ÷ 2 × (edge + ridge ÷ 3)) ÷ area, ridge = thickness − edge', '({} × {} ^ 2 ÷ 2 + {} × {} ÷ 2 × ({} + {} ÷ 3)) ÷ {}', [$w, $top->edge, $w, $t - $top->edge, $top->edge, $t - $top->edge, $top->area], [...$uses, 'edge'], $because, self::SOURCE),
            Profile::HalfRound => ($t <= $w / 2
                ? $answer->work('area_top', $top->area, 'R² × α − (R − thickness) × width ÷ 2, with R = (width² ÷ 4 + thickness²) ÷ (2 × thickness)', '{} ^ 2 × {} − ({} − {}) × {} ÷ 2',
                    [($w ** 2 / 4 + $t ** 2) / (2 * $t), atan2($w / 2, ($w ** 2 / 4 - $t ** 2) / (2 * $t)), ($w ** 2 / 4 + $t ** 2) / (2 * $t), $t, $w], $uses, 'a circular segment; α is half its angle, in radians', self::SOURCE)
                : $answer->work('area_top', $top->area, 'π × width × thickness ÷ 4', 'π × {} × {} ÷ 4', [$w, $t], $uses, 'higher than half its width: half an ellipse', self::SOURCE))
                ->work('centroid_top', $top->centroid, 'first moment of the section about the finger side ÷ area', '{} ÷ {}', [$top->centroid * $top->area, $top->area], $uses, $because, self::SOURCE),
            Profile::Court => $answer->work('area_top', $top->area, 'width × body + inner dome + outer dome', '{} × {} + {} + {}',
                [$w, $top->edge, (new Segment($w, $top->riseInside))->area, (new Segment($w, $top->riseOutside))->area], $uses, 'a flat body between two circular segments', self::SOURCE)
                ->work('centroid_top', $top->centroid, 'first moment of the section about the finger side ÷ area', '{} ÷ {}', [$top->centroid * $top->area, $top->area], $uses, $because, self::SOURCE),
        };
        $top->profile === Profile::Flat
            ? $answer->work('perimeter_top', $top->perimeter, '2 × (width + thickness)', '2 × ({} + {})', [$w, $t], $uses, $because, self::SOURCE)
            : $answer->work('perimeter_top', $top->perimeter, 'the length of the outline', '{}', [$top->perimeter], $uses, $because, self::SOURCE);
    }

    private function judge(AnswerBuilder $answer, Input $input, Band $band, float $above, WorkshopSettings $settings): void
    {
        $extra = self::heavyExtra($settings);
        $thinAt = $band->thicknessBase < $band->thicknessTop ? 'thickness_base' : 'thickness_top';
        $thinnest = min($band->thicknessTop, $band->thicknessBase);
        [$stop, $caution] = [$settings->num('limits.crown_stop'), $settings->num('limits.crown_caution')];
        $message = sprintf('%.2f mm finishes at %.2f if heavily worked, under %.2f.', $thinnest, $thinnest - $extra, $thinnest - $extra < $stop - 1e-9 ? $stop : $caution);
        if ($thinnest - $extra < $stop - 1e-9) {
            $answer->find(Level::Stop, 'crown-too-thin', $thinAt, $message.' It will bend or crack.', sprintf('Make it %.2f mm.', $caution + $extra), [$thinAt => round($caution + $extra, 6)]);
        } elseif ($thinnest - $extra < $caution - 1e-9) {
            $answer->find(Level::Caution, 'crown-thin', $thinAt, $message.' It wears out of round in daily use.', sprintf('Make it %.2f mm.', $caution + $extra), [$thinAt => round($caution + $extra, 6)]);
        }
        $edge = min($band->section(0.0)->edge, $band->section(M_PI)->edge) - $extra;
        if (in_array($band->profile, [Profile::Court, Profile::Knife], true) && $edge < $settings->num('limits.edge') - 1e-9) {
            $answer->find(Level::Caution, 'edge-thin', $band->profile === Profile::Knife ? 'edge' : 'thickness_top', sprintf('The edge is %.2f mm after heavy finishing, under %.2f: it cuts and dents.', $edge, $settings->num('limits.edge')),
                'Make the edge higher, or the ring thicker.');
        }
        if ($band->thicknessBase < $band->thicknessTop / 2) {
            $answer->find(Level::Caution, 'base-much-thinner', 'thickness_base', sprintf('The base is %.0f %% of the top; it is the part that wears.', 100 * $band->thicknessBase / $band->thicknessTop),
                sprintf('Make the base %.2f mm.', $band->thicknessTop / 2), ['thickness_base' => $band->thicknessTop / 2]);
        }
        if ($above > 0.6 && min($band->widthTop, $band->widthBase) < self::STEADY_SHANK) {
            // A base that is not said is as wide as the top, and widens with it.
            $narrow = ['width_top' => $band->widthTop, 'width_base' => $input->has('width_base') ? $band->widthBase : self::STEADY_SHANK];
            $narrow = array_filter($narrow, static fn (float $width): bool => $width < self::STEADY_SHANK);
            $answer->find(Level::Note, 'top-heavy', (string) array_key_last($narrow),
                sprintf('%.0f %% of the mass is above the finger’s middle on a shank under 2 mm wide: it turns.', 100 * $above),
                'Make the shank 2 mm wide, or lighten the top.', array_fill_keys(array_keys($narrow), self::STEADY_SHANK));
        }
        if ($input->flag('beside_neighbour') && ! $input->has('neighbour_profile')) {
            $answer->find(Level::Note, 'neighbour-unknown', 'neighbour_profile', 'It stands beside another ring whose profile is not known.', 'Ask for the neighbour’s profile at the touching face.');
        }
    }
}
