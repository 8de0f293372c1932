<?php

declare(strict_types=1);

namespace HotSprue\Form;

use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Level;
use HotSprue\Fields\Input;
use HotSprue\Workshop\WorkshopSettings;

/** What is found of a band: thin crowns and edges, a weak base, a heavy top. Source: workbook 2, limits. */
final class FormBandFindings
{
    public static function judge(
        AnswerBuilder $answer, Input $input, Band $band, float $above, WorkshopSettings $settings,
    ): void
    {
        $extra = self::heavyExtra($settings);
        $thinAt = $band->thicknessBase < $band->thicknessTop ? 'thickness_base' : 'thickness_top';
        $thinnest = min($band->thicknessTop, $band->thicknessBase);
        [$stop, $caution] = [$settings->num('limits.crown_stop'), $settings->num('limits.crown_caution')];
        $message = sprintf(
            '%.2f mm finishes at %.2f mm if heavily worked, under %.2f mm.', $thinnest, $thinnest - $extra,
            $thinnest - $extra < $stop - 1e-9 ? $stop : $caution,
        );
        if ($thinnest - $extra < $stop - 1e-9) {
            $answer->find(
                Level::Stop, 'crown-too-thin', $thinAt, $message.' It will bend or crack.',
                sprintf('Make it %.2f mm.', $caution + $extra), [$thinAt => round($caution + $extra, 6)],
            );
        } elseif ($thinnest - $extra < $caution - 1e-9) {
            $answer->find(
                Level::Caution, 'crown-thin', $thinAt, $message.' It wears out of round in daily use.',
                sprintf('Make it %.2f mm.', $caution + $extra), [$thinAt => round($caution + $extra, 6)],
            );
        }
        $edge = min($band->section(0.0)->edge, $band->section(M_PI)->edge) - $extra;
        if (in_array($band->profile, [Profile::Court, Profile::Knife], true)
            && $edge < $settings->num('limits.edge') - 1e-9) {
            $answer->find(
                Level::Caution, 'edge-thin', $band->profile === Profile::Knife ? 'edge' : 'thickness_top',
                sprintf(
                    'The edge is %.2f mm after heavy finishing, under %.2f mm: it cuts and dents.',
                    $edge, $settings->num('limits.edge'),
                ),
                'Make the edge higher, or the ring thicker.');
        }
        if ($band->thicknessBase < $band->thicknessTop / 2) {
            $answer->find(Level::Caution, 'base-much-thinner', 'thickness_base', sprintf(
                'The base is %.0f %% of the top; it is the part that wears.',
                100 * $band->thicknessBase / $band->thicknessTop,
            ),
                sprintf(
                    'Make the base %.2f mm.', $band->thicknessTop / 2,
                ), ['thickness_base' => $band->thicknessTop / 2]);
        }
        if ($above > $settings->num('limits.top_heavy')
            && min($band->widthTop, $band->widthBase) < $settings->num('limits.steady_shank')) {
            // A base that is not said is as wide as the top, and widens with it.
            $narrow = [
                'width_top' => $band->widthTop,
                'width_base' => $input->has('width_base') ? $band->widthBase : $settings->num('limits.steady_shank'),
            ];
            $narrow = array_filter(
                $narrow, static fn (float $width): bool => $width < $settings->num('limits.steady_shank'),
            );
            $answer->find(Level::Note, 'top-heavy', (string) array_key_last($narrow),
                sprintf(
                    '%.0f %% of the mass is above the finger’s middle on a shank under 2 mm wide: it turns.',
                    100 * $above,
                ),
                'Make the shank 2 mm wide, or lighten the top.', array_fill_keys(
                    array_keys($narrow), $settings->num('limits.steady_shank'),
                ));
        }
        if ($input->flag('beside_neighbour') && ! $input->has('neighbour_profile')) {
            $answer->find(
                Level::Note, 'neighbour-unknown', 'neighbour_profile',
                'It stands beside another ring whose profile is not known.',
                'Ask for the neighbour’s profile at the touching face.',
            );
        }
    }

    /** What heavy finishing takes beyond the usual, mm of thickness. */
    public static function heavyExtra(WorkshopSettings $settings): float
    {
        return max(
            0.0, $settings->num('allowances.heavy') - 1,
        ) * ($settings->num('allowances.finish_inside') + $settings->num('allowances.finish_outside'));
    }
}
