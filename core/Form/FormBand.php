<?php

declare(strict_types=1);

namespace HotSprue\Form;

use HotSprue\Calculation\Answer;
use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Calculation;
use HotSprue\Calculation\Description;
use HotSprue\Calculation\Formula;
use HotSprue\Fields\BadInput;
use HotSprue\Fields\Field;
use HotSprue\Fields\Input;
use HotSprue\Stock\Alloy;
use HotSprue\Workshop\WorkshopSettings;

/** The volume and mass of a plain or tapered band, and where it is too thin. Source: workbook 2. */
final class FormBand implements Calculation
{
    public const SOURCE = 'workbook 2, the form of the ring';

    public function description(): Description
    {
        return FormBandDescription::make();
    }

    /** @return list<Field> the fields that give a band its shape */
    public static function shape(): array
    {
        return [
            Field::choice('profile', Profile::names(), 'cross-section of the shank')->default('flat'),
            Field::length('width_top', 'width at the top of the finger')->called('width at the top'),
            Field::length('width_base', 'width at the base; as the top unless said')
                ->called('width at the base')->optional(),
            Field::length('thickness_top', 'thickness at the top')->called('thickness at the top'),
            Field::length('thickness_base', 'thickness at the base; as the top unless said')
                ->called('thickness at the base')->optional(),
            Field::length('edge', 'height of a knife’s edge at the top')->called('edge, high')->optional(),
            Field::length('rise_inside', 'a court’s inner dome at the top; 0.12 of the thickness unless said')
                ->called('inner dome')->optional(),
            Field::length('rise_outside', 'a court’s outer dome at the top; 0.35 of the thickness unless said')
                ->called('outer dome')->optional(),
        ];
    }

    /** @throws BadInput when the section cannot be cut */
    public static function band(Input $input, float $innerDiameter): Band
    {
        $profile = Profile::from($input->text('profile'));
        foreach ([
            'edge' => Profile::Knife, 'rise_inside' => Profile::Court, 'rise_outside' => Profile::Court,
        ] as $field => $only) {
            if ($input->has($field) && $profile !== $only) {
                throw BadInput::field(
                    $field, sprintf('Only a %s section has this; the profile is %s.', $only->value, $profile->value),
                );
            }
        }

        return SectionInput::band($input, $innerDiameter, '_top');
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
        $extra = FormBandFindings::heavyExtra($settings);
        $thinnest = min($band->thicknessTop, $band->thicknessBase);

        $band->isTapered()
            ? $answer->work(
                'volume_mm3', $volume,
                Formula::of(
                    '2 × π × {mean of area × (D ÷ 2 + centroid height)}',
                    ['mean of area × (D ÷ 2 + centroid height)' => $volume / (2 * M_PI)],
                ),
                uses: [...$size, ...$shape, 'width_base', 'thickness_base'],
                because: sprintf(
                    'each element goes round at its own centroid; area %.3f mm² at the top, %.3f at the base',
                    $top->area, $base->area,
                ),
                source: 'Pappus; '.self::SOURCE,
            )
            : $answer->work(
                'volume_mm3', $volume,
                Formula::of(
                    '2 × π × {area} × ({D} ÷ 2 + {centroid height})',
                    ['area' => $top->area, 'D' => $diameter, 'centroid height' => $top->centroid],
                ),
                uses: [...$size, ...$shape],
                because: 'a section carried round a circle sweeps its area times the path of its centroid',
                source: 'Pappus; '.self::SOURCE,
            );
        SectionWorking::workSection($answer, $top, $shape);
        $answer
            ->work(
                'area_base', $base->area, Formula::taken('the section at the base, as at the top', $base->area),
                uses: [...$shape, 'width_base', 'thickness_base'], because: 'the exact shape',
            )
            ->work(
                'section_modulus', $top->modulus(),
                Formula::of('{area} ÷ {perimeter}', ['area' => $top->area, 'perimeter' => $top->perimeter]),
                uses: $shape, because: 'metal freezes in the square of this', source: 'workbook 8, sprue',
            )
            ->work(
                'outer_diameter_top', $diameter + 2 * $band->thicknessTop,
                Formula::of(
                    '{D} + 2 × {thickness at the top}',
                    ['D' => $diameter, 'thickness at the top' => $band->thicknessTop],
                ),
                uses: [...$size, 'thickness_top'], because: 'the wall stands on both sides', source: 'geometry',
            )
            ->work(
                'outer_diameter_base', $diameter + 2 * $band->thicknessBase,
                Formula::of(
                    '{D} + 2 × {thickness at the base}',
                    ['D' => $diameter, 'thickness at the base' => $band->thicknessBase],
                ),
                uses: [...$size, 'thickness_base'], because: 'the wall stands on both sides', source: 'geometry',
            )
            ->work(
                'outer_height', $diameter + $band->thicknessTop + $band->thicknessBase,
                Formula::of(
                    '{D} + {thickness at the top} + {thickness at the base}',
                    [
                        'D' => $diameter, 'thickness at the top' => $band->thicknessTop,
                        'thickness at the base' => $band->thicknessBase,
                    ],
                ),
                uses: [...$size, 'thickness_top', 'thickness_base'], because: 'from top to base across the finger',
                source: 'geometry',
            )
            ->work(
                'width_greatest', max($band->widthTop, $band->widthBase),
                Formula::of(
                    'max({width at the top}, {width at the base})',
                    ['width at the top' => $band->widthTop, 'width at the base' => $band->widthBase],
                ),
                uses: ['width_top', 'width_base'], because: 'where it is broadest', source: 'geometry',
            )
            ->work(
                'unrolled_inner', M_PI * $diameter, Formula::of('π × {D}', ['D' => $diameter]), uses: $size,
                because: 'the inside laid flat', source: 'geometry',
            )
            ->work(
                'unrolled_outer', M_PI * ($diameter + $band->thicknessTop + $band->thicknessBase),
                Formula::of(
                    'π × ({D} + {thickness at the top} + {thickness at the base})',
                    [
                        'D' => $diameter, 'thickness at the top' => $band->thicknessTop,
                        'thickness at the base' => $band->thicknessBase,
                    ],
                ),
                uses: [...$size, 'thickness_top', 'thickness_base'], because: 'the outside laid flat',
            )
            ->work(
                'least_thickness', $thinnest - $extra,
                Formula::of(
                    '{thinnest crown} − ({heavy} − 1) × ({inside} + {outside finishing})',
                    [
                        'thinnest crown' => $thinnest, 'heavy' => $settings->num('allowances.heavy'),
                        'inside' => $settings->num('allowances.finish_inside'),
                        'outside finishing' => $settings->num('allowances.finish_outside'),
                    ],
                ),
                uses: ['thickness_top', 'thickness_base'],
                because: 'the finished size already allows for usual finishing; removing a heavy texture takes as '
                    .'much again',
            )
            ->work(
                'share_above', $above,
                Formula::of(
                    '{volume of band and head above the finger’s middle} ÷ {volume of both}',
                    ['volume of band and head above the finger’s middle' => $above * $ring, 'volume of both' => $ring],
                ),
                uses: [...$size, ...$shape, 'head_volume_mm3'], because: 'a ring that is heavy on top turns',
            )
            ->work(
                'ring_volume_mm3', $ring,
                Formula::of('{band} + {head}', ['band' => $volume, 'head' => $ring - $volume]),
                uses: [...$size, ...$shape, 'head_volume_mm3'], because: 'the ring is the sum of its parts',
            )
            ->give(
                'masses',
                array_map(
                    static fn (Alloy $alloy): array => [
                        'alloy' => $alloy->name, 'mass' => $ring * $alloy->density / 1000,
                    ],
                    Alloy::all($settings),
                ),
            );
        if ($input->has('alloy')) {
            $alloy = Alloy::named($input->text('alloy'), $settings);
            $answer->work(
                'mass', $ring * $alloy->density / 1000,
                Formula::of(
                    '{volume of band and head} × {density} ÷ 1000',
                    ['volume of band and head' => $ring, 'density' => $alloy->density],
                ),
                uses: [...$size, ...$shape, 'head_volume_mm3', 'alloy'],
                because: 'the finished ring, without its stones',
            );
        }
        $this->workWhole($answer, Head::read($input), $band);
        FormBandFindings::judge($answer, $input, $band, $above, $settings);

        return $answer->answer();
    }

    private function workWhole(AnswerBuilder $answer, Head $head, Band $band): void
    {
        $side = new SideOutline($band->innerDiameter, $band->thicknessTop, $band->thicknessBase);
        $wide = 2 * $side->halfWidth();
        $broad = max($band->widthTop, $band->widthBase);
        $tall = $band->innerDiameter + $band->thicknessTop + $band->thicknessBase;
        $answer
            ->work(
                'whole_across', max($wide, $head->across),
                Formula::of(
                    'max({the band where it is widest}, {the head across})',
                    ['the band where it is widest' => $wide, 'the head across' => $head->across],
                ),
                uses: ['inner_diameter', 'thickness_top', 'thickness_base', 'head_across'],
                because: 'a band thick on top is widest above the middle of its bore', source: 'geometry',
            )
            ->work(
                'whole_along', max($broad, $head->along),
                Formula::of(
                    'max({the band’s width}, {the head along})',
                    ['the band’s width' => $broad, 'the head along' => $head->along],
                ),
                uses: ['width_top', 'width_base', 'head_along'], because: 'a head may stand over the band’s edges',
                source: 'geometry',
            )
            ->work(
                'whole_tall', $tall + $head->height,
                Formula::of(
                    '{outside from top to base} + {head}',
                    ['outside from top to base' => $tall, 'head' => $head->height],
                ),
                uses: ['inner_diameter', 'thickness_top', 'thickness_base', 'head_height'],
                because: 'what must come out of blank and flask', source: 'geometry',
            );
    }
}
