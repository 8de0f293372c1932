<?php

declare(strict_types=1);

namespace HotSprue\Form;

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
use HotSprue\Measures\Quantity;
use HotSprue\Stock\Alloy;
use HotSprue\Workshop\WorkshopSettings;

/** The volume and mass of a plain or tapered band, and where it is too thin. Source: workbook 2. */
final class FormBand implements Calculation
{
    private const SOURCE = 'workbook 2, the form of the ring';

    public function description(): Description
    {
        return new Description(
            'form.band',
            'Band: volume and mass',
            'What a band holds and weighs, and where it is too thin',
            self::SOURCE,
            [...FingerInput::fields(), ...self::shape(), Field::named('alloy', 'stock.alloys', 'the alloy it is to be made of')->optional(), Field::of(Quantity::CubicMillimetres, 'head_volume_mm3', 'volume of the head that belongs to it')->called('volume of the head')->allowingZero()->default(0.0), ...Head::fields(), Field::yesNo('beside_neighbour', 'whether it stands beside another ring')->called('beside another ring?')->default(false), Field::text('neighbour_profile', 'the neighbour’s profile at the touching face')->called('neighbour’s profile')->optional()],
            [
                Output::of(Quantity::CubicMillimetres, 'volume_mm3', 'volume of the band'),
                Output::of(Quantity::CubicMillimetres, 'ring_volume_mm3', 'volume of band and head')->called('volume of the ring'),
                Output::of(Quantity::SquareMillimetres, 'area_top', 'area of the section at the top')->called('area at the top'),
                Output::of(Quantity::SquareMillimetres, 'area_base', 'area of the section at the base')->called('area at the base'),
                Output::length('perimeter_top', 'perimeter of the section at the top')->called('round the section at the top'),
                Output::length('centroid_top', 'centroid of the section above the finger side, at the top')->called('centroid at the top'),
                Output::length('section_modulus', 'area over perimeter at the top'),
                Output::length('outer_diameter_top', 'outside diameter by the thickness at the top')->called('outside at the top'),
                Output::length('outer_diameter_base', 'outside diameter by the thickness at the base')->called('outside at the base'),
                Output::length('outer_height', 'outside from top to base')->called('outside, top to base'),
                Output::length('width_greatest', 'width where it is broadest')->called('greatest width'),
                Output::length('whole_across', 'band and head, across the finger')->called('across, in all'),
                Output::length('whole_along', 'band and head, along the finger')->called('along, in all'),
                Output::length('whole_tall', 'band and head, from the base to the top')->called('tall, in all'),
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
            Field::length('width_top', 'width at the top of the finger')->called('width at the top'),
            Field::length('width_base', 'width at the base; as the top unless said')->called('width at the base')->optional(),
            Field::length('thickness_top', 'thickness at the top')->called('thickness at the top'),
            Field::length('thickness_base', 'thickness at the base; as the top unless said')->called('thickness at the base')->optional(),
            Field::length('edge', 'height of a knife’s edge at the top')->called('edge, high')->optional(),
            Field::length('rise_inside', 'a court’s inner dome at the top; 0.12 of the thickness unless said')->called('inner dome')->optional(),
            Field::length('rise_outside', 'a court’s outer dome at the top; 0.35 of the thickness unless said')->called('outer dome')->optional(),
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
            ? $answer->work('volume_mm3', $volume, Formula::of('2 × π × {mean of area × (D ÷ 2 + centroid height)}', ['mean of area × (D ÷ 2 + centroid height)' => $volume / (2 * M_PI)]), uses: [...$size, ...$shape, 'width_base', 'thickness_base'], because: sprintf('each element goes round at its own centroid; area %.3f mm² at the top, %.3f at the base', $top->area, $base->area), source: 'Pappus; '.self::SOURCE)
            : $answer->work('volume_mm3', $volume, Formula::of('2 × π × {area} × ({D} ÷ 2 + {centroid height})', ['area' => $top->area, 'D' => $diameter, 'centroid height' => $top->centroid]), uses: [...$size, ...$shape], because: 'a section carried round a circle sweeps its area times the path of its centroid', source: 'Pappus; '.self::SOURCE);
        $this->workSection($answer, $top, $shape);
        $answer
            ->work('area_base', $base->area, Formula::taken('the section at the base, as at the top', $base->area), uses: [...$shape, 'width_base', 'thickness_base'], because: 'the exact shape')
            ->work('section_modulus', $top->modulus(), Formula::of('{area} ÷ {perimeter}', ['area' => $top->area, 'perimeter' => $top->perimeter]), uses: $shape, because: 'metal freezes in the square of this', source: 'workbook 8, sprue')
            ->work('outer_diameter_top', $diameter + 2 * $band->thicknessTop, Formula::of('{D} + 2 × {thickness at the top}', ['D' => $diameter, 'thickness at the top' => $band->thicknessTop]), uses: [...$size, 'thickness_top'], because: 'the wall stands on both sides', source: 'geometry')
            ->work('outer_diameter_base', $diameter + 2 * $band->thicknessBase, Formula::of('{D} + 2 × {thickness at the base}', ['D' => $diameter, 'thickness at the base' => $band->thicknessBase]), uses: [...$size, 'thickness_base'], because: 'the wall stands on both sides', source: 'geometry')
            ->work('outer_height', $diameter + $band->thicknessTop + $band->thicknessBase, Formula::of('{D} + {thickness at the top} + {thickness at the base}', ['D' => $diameter, 'thickness at the top' => $band->thicknessTop, 'thickness at the base' => $band->thicknessBase]), uses: [...$size, 'thickness_top', 'thickness_base'], because: 'from top to base across the finger', source: 'geometry')
            ->work('width_greatest', max($band->widthTop, $band->widthBase), Formula::of('max({width at the top}, {width at the base})', ['width at the top' => $band->widthTop, 'width at the base' => $band->widthBase]), uses: ['width_top', 'width_base'], because: 'where it is broadest', source: 'geometry')
            ->work('unrolled_inner', M_PI * $diameter, Formula::of('π × {D}', ['D' => $diameter]), uses: $size, because: 'the inside laid flat', source: 'geometry')
            ->work('unrolled_outer', M_PI * ($diameter + $band->thicknessTop + $band->thicknessBase), Formula::of('π × ({D} + {thickness at the top} + {thickness at the base})', ['D' => $diameter, 'thickness at the top' => $band->thicknessTop, 'thickness at the base' => $band->thicknessBase]), uses: [...$size, 'thickness_top', 'thickness_base'], because: 'the outside laid flat')
            ->work('least_thickness', $thinnest - $extra, Formula::of('{thinnest crown} − ({heavy} − 1) × ({inside} + {outside finishing})', ['thinnest crown' => $thinnest, 'heavy' => $settings->num('allowances.heavy'), 'inside' => $settings->num('allowances.finish_inside'), 'outside finishing' => $settings->num('allowances.finish_outside')]), uses: ['thickness_top', 'thickness_base'], because: 'the finished size already allows for usual finishing; removing a heavy texture takes as much again')
            ->work('share_above', $above, Formula::of('{volume of band and head above the finger’s middle} ÷ {volume of both}', ['volume of band and head above the finger’s middle' => $above * $ring, 'volume of both' => $ring]), uses: [...$size, ...$shape, 'head_volume_mm3'], because: 'a ring that is heavy on top turns')
            ->work('ring_volume_mm3', $ring, Formula::of('{band} + {head}', ['band' => $volume, 'head' => $ring - $volume]), uses: [...$size, ...$shape, 'head_volume_mm3'], because: 'the ring is the sum of its parts')
            ->give('masses', array_map(static fn (Alloy $alloy): array => ['alloy' => $alloy->name, 'mass' => $ring * $alloy->density / 1000], Alloy::all($settings)));
        if ($input->has('alloy')) {
            $alloy = Alloy::named($input->text('alloy'), $settings);
            $answer->work('mass', $ring * $alloy->density / 1000, Formula::of('{volume of band and head} × {density} ÷ 1000', ['volume of band and head' => $ring, 'density' => $alloy->density]), uses: [...$size, ...$shape, 'head_volume_mm3', 'alloy'], because: 'the finished ring, without its stones');
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
            ->work('whole_across', max($wide, $head->across), Formula::of('max({the band where it is widest}, {the head across})', ['the band where it is widest' => $wide, 'the head across' => $head->across]), uses: ['inner_diameter', 'thickness_top', 'thickness_base', 'head_across'], because: 'a band thick on top is widest above the middle of its bore', source: 'geometry')
            ->work('whole_along', max($broad, $head->along), Formula::of('max({the band’s width}, {the head along})', ['the band’s width' => $broad, 'the head along' => $head->along]), uses: ['width_top', 'width_base', 'head_along'], because: 'a head may stand over the band’s edges', source: 'geometry')
            ->work('whole_tall', $tall + $head->height, Formula::of('{outside from top to base} + {head}', ['outside from top to base' => $tall, 'head' => $head->height]), uses: ['inner_diameter', 'thickness_top', 'thickness_base', 'head_height'], because: 'what must come out of blank and flask', source: 'geometry');
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
        $size = ['width' => $w, 'thickness' => $t];
        $byMoment = Formula::of('{first moment of the section about the finger side} ÷ {area}',
            ['first moment of the section about the finger side' => $top->centroid * $top->area, 'area' => $top->area]);
        match ($top->profile) {
            Profile::Flat => $answer->work('area_top', $top->area, Formula::of('{width} × {thickness}', $size), uses: $uses, because: $because)
                ->work('centroid_top', $top->centroid, Formula::of('{thickness} ÷ 2', $size), uses: $uses, because: $because),
            Profile::Round => $answer->work('area_top', $top->area, Formula::of('π × {width} × {thickness} ÷ 4', $size), uses: $uses, because: $because)
                ->work('centroid_top', $top->centroid, Formula::of('{thickness} ÷ 2', $size), uses: $uses, because: $because),
            Profile::Knife => $answer->work('area_top', $top->area, Formula::of('{width} × ({edge} + {thickness}) ÷ 2', [...$size, 'edge' => $top->edge]), uses: [...$uses, 'edge'], because: $because)
                ->work('centroid_top', $top->centroid, Formula::of('({width} × {edge} ^ 2 ÷ 2 + {width} × {thickness over the edge} ÷ 2 × ({edge} + {thickness over the edge} ÷ 3)) ÷ {area}', ['width' => $w, 'edge' => $top->edge, 'thickness over the edge' => $t - $top->edge, 'area' => $top->area]), uses: [...$uses, 'edge'], because: $because),
            Profile::HalfRound => ($t <= $w / 2
                ? $answer->work('area_top', $top->area, Formula::of('{radius} ^ 2 × {half its angle} − ({radius} − {thickness}) × {width} ÷ 2', ['radius' => ($w ** 2 / 4 + $t ** 2) / (2 * $t), 'half its angle' => atan2($w / 2, ($w ** 2 / 4 - $t ** 2) / (2 * $t)), 'thickness' => $t, 'width' => $w]), uses: $uses, because: 'a circular segment; α is half its angle, in radians')
                : $answer->work('area_top', $top->area, Formula::of('π × {width} × {thickness} ÷ 4', $size), uses: $uses, because: 'higher than half its width: half an ellipse'))
                ->work('centroid_top', $top->centroid, $byMoment, uses: $uses, because: $because),
            Profile::Court => $answer->work('area_top', $top->area, Formula::of('{width} × {body} + {inner dome} + {outer dome}', ['width' => $w, 'body' => $top->edge,
                'inner dome' => (new Segment($w, $top->riseInside))->area, 'outer dome' => (new Segment($w, $top->riseOutside))->area]), uses: $uses, because: 'a flat body between two circular segments')
                ->work('centroid_top', $top->centroid, $byMoment, uses: $uses, because: $because),
        };
        $top->profile === Profile::Flat
            ? $answer->work('perimeter_top', $top->perimeter, Formula::of('2 × ({width} + {thickness})', ['width' => $w, 'thickness' => $t]), uses: $uses, because: $because)
            : $answer->work('perimeter_top', $top->perimeter, Formula::taken('the length of the outline', $top->perimeter), uses: $uses, because: $because);
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
        if ($above > $settings->num('limits.top_heavy') && min($band->widthTop, $band->widthBase) < $settings->num('limits.steady_shank')) {
            // A base that is not said is as wide as the top, and widens with it.
            $narrow = ['width_top' => $band->widthTop, 'width_base' => $input->has('width_base') ? $band->widthBase : $settings->num('limits.steady_shank')];
            $narrow = array_filter($narrow, static fn (float $width): bool => $width < $settings->num('limits.steady_shank'));
            $answer->find(Level::Note, 'top-heavy', (string) array_key_last($narrow),
                sprintf('%.0f %% of the mass is above the finger’s middle on a shank under 2 mm wide: it turns.', 100 * $above),
                'Make the shank 2 mm wide, or lighten the top.', array_fill_keys(array_keys($narrow), $settings->num('limits.steady_shank')));
        }
        if ($input->flag('beside_neighbour') && ! $input->has('neighbour_profile')) {
            $answer->find(Level::Note, 'neighbour-unknown', 'neighbour_profile', 'It stands beside another ring whose profile is not known.', 'Ask for the neighbour’s profile at the touching face.');
        }
    }
}
