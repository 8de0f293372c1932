<?php

declare(strict_types=1);

namespace HotSprue\Setting;

use HotSprue\Calculation\Answer;
use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Calculation;
use HotSprue\Calculation\Description;
use HotSprue\Calculation\Formula;
use HotSprue\Calculation\Level;
use HotSprue\Calculation\Output;
use HotSprue\Fields\Field;
use HotSprue\Fields\Input;
use HotSprue\Measures\Quantity;
use HotSprue\Stock\Alloy;
use HotSprue\Workshop\WorkshopSettings;

/** What all settings of a piece come to: stones, carats, metal and minutes. Source: workbook 3, 4 and 15. */
final class SettingsTotal implements Calculation
{
    private const SOURCE = 'workbook 3 and 4';

    private const GRAMS_A_CARAT = 0.2;

    /** Which of the workshop's minutes a setting takes for each stone. */
    /** Under which of the workshop’s minutes a style of setting goes. */
    public const MINUTES = [
        'bezel' => 'bezel', 'tube' => 'bezel', 'claws' => 'claws', 'shared-claws' => 'shared', 'shared' => 'shared',
        'bead' => 'bead', 'channel' => 'bead', 'flush' => 'flush',
    ];

    public function description(): Description
    {
        return new Description(
            'settings.total',
            'All settings together',
            'What all settings of a piece come to: stones, carats, metal and minutes of setting',
            self::SOURCE,
            [
                Field::rows('settings', [
                    Field::text('name', 'what this setting is called')->called('which setting'),
                    Field::choice('holds', ['one', 'halo', 'cluster', 'row', 'scatter'], 'one stone or a group')
                        ->saying(['one' => 'one stone', 'halo' => 'stones round another', 'scatter' => 'strewn'])
                        ->default('one'),
                    Field::choice('style', array_keys(self::MINUTES), 'how it holds')
                        ->optional(),
                    Field::choice('made', ['cast', 'apart', 'carved', 'bought'], 'how it is made')
                        ->saying([
                            'cast' => 'cast in the wax', 'apart' => 'made apart and soldered',
                            'carved' => 'cut from the solid',
                        ])->default('cast'),
                    Field::named('alloy', 'stock.alloys', 'its alloy, where another than the ring’s')->optional(),
                    Field::count('stones', 'how many stones it holds')->allowingZero()->default(1),
                    Field::number('carats', 'carats of all its stones')->optional(),
                    Field::yesNo('weighed', 'whether they were weighed')->called('weighed?')->default(false),
                    Field::of(Quantity::CubicMillimetres, 'volume_mm3', 'metal of the setting')
                        ->called('metal of the setting')->allowingZero()->optional(),
                ], 'the settings of the piece'),
                Field::named('alloy', 'stock.alloys', 'the ring’s alloy')->default('sterling-925'),
                Field::count('loose', 'stones of the piece that no setting holds')->allowingZero()->default(0),
            ],
            [
                Output::of(Quantity::Count, 'stones', 'stones to set')->called('stones'),
                Output::number('carats', 'carats of all stones')->called('all stones, carats'),
                Output::mass('stones_mass', 'mass of all stones'),
                Output::mass('metal_mass', 'metal of all settings')->called('metal of the settings'),
                Output::mass('apart_mass', 'of it, what is made apart or bought')->called('made apart'),
                Output::of(Quantity::Minutes, 'minutes', 'minutes of setting')->called('time to set'),
                Output::rows('each', 'each setting: name, style, made, stones, carats, mass_g, minutes'),
            ],
            [
                'nothing-to-set' => 'a setting that holds no stone yet',
                'stone-in-no-setting' => 'stones of the piece that no setting holds',
                'carats-estimated' => 'carats that rest on measures, not on a balance',
            ],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $each = array_map(fn (array $row): array => $this->one($row, $input, $settings), $input->rows('settings'));
        $carats = array_map(static fn (array $one): float => (float) $one['carats'], $each);
        $apart = array_filter($each, static fn (array $one): bool => in_array($one['made'], ['apart', 'bought'], true));
        $answer = AnswerBuilder::of($this, $input)
            ->work(
                'stones', array_sum(array_column($each, 'stones')),
                Formula::sum('stones of every setting', array_column($each, 'stones')), uses: ['settings'],
                because: 'each is seated and held',
            )
            ->work(
                'carats', array_sum($carats), Formula::sum('carats of every setting', $carats), uses: ['settings'],
                because: 'a weighed stone wins over its measures',
            )
            ->work(
                'stones_mass', array_sum($carats) * self::GRAMS_A_CARAT,
                Formula::of('{carats} × 0.2', ['carats' => array_sum($carats)]), uses: ['settings'],
                because: 'a carat is a fifth of a gram', source: 'workbook 1',
            )
            ->work(
                'metal_mass', array_sum(array_column($each, 'mass_g')),
                Formula::sum('metal of every setting', array_column($each, 'mass_g')), uses: ['settings', 'alloy'],
                because: 'volume by the density of its own alloy',
            )
            ->work(
                'apart_mass', array_sum(array_column($apart, 'mass_g')),
                Formula::sum('metal of what is not cast with the ring', array_values(array_column($apart, 'mass_g'))),
                uses: ['settings', 'alloy'], because: 'it comes out of stock, not out of the mould',
            )
            ->work(
                'minutes', array_sum(array_column($each, 'minutes')),
                Formula::sum('stones × minutes of every setting', array_column($each, 'minutes')), uses: ['settings'],
                because: 'by the workshop’s own minutes for each style', source: 'workbook 15',
            )
            ->give('each', $each);
        $this->judge($answer, $input);

        return $answer->answer();
    }

    /**
     * @param  array<string, mixed>  $row
     * @return array{name: string, style: ?string, made: string, stones: int, carats: ?float, mass_g: float,
     *   minutes: float}
     */
    private function one(array $row, Input $input, WorkshopSettings $settings): array
    {
        $alloy = is_string($row['alloy']) ? $row['alloy'] : $input->text('alloy');
        $by = is_string($row['style']) ? self::MINUTES[$row['style']] : null;

        return [
            'name' => (string) $row['name'], 'style' => is_string($row['style']) ? $row['style'] : null,
            'made' => (string) $row['made'], 'stones' => (int) $row['stones'],
            'carats' => is_numeric($row['carats']) ? (float) $row['carats'] : null,
            'mass_g' => (float) ($row['volume_mm3'] ?? 0.0) * Alloy::named($alloy, $settings)->density / 1000,
            'minutes' => $by === null ? 0.0 : (int) $row['stones'] * $settings->num("setting.minutes_{$by}"),
        ];
    }

    private function judge(AnswerBuilder $answer, Input $input): void
    {
        $named = static fn (callable $which): string => implode(
            ', ', array_column(array_filter($input->rows('settings'), $which), 'name'),
        );
        $empty = $named(static fn (array $row): bool => (int) $row['stones'] === 0);
        if ($empty !== '') {
            $answer->find(
                Level::Note, 'nothing-to-set', 'settings', "Holds no stone yet: {$empty}.",
                'Enter the stone, or say which one it holds.',
            );
        }
        $loose = (int) $input->num('loose');
        if ($loose > 0) {
            $answer->find(
                Level::Caution, 'stone-in-no-setting', 'loose',
                $loose === 1 ? 'One stone is in no setting.' : "{$loose} stones are in no setting.",
                'Say which setting holds it, or make one for it.',
            );
        }
        $guessed = $named(static fn (array $row): bool => $row['carats'] !== null && $row['weighed'] !== true);
        if ($guessed !== '') {
            $answer->find(
                Level::Note, 'carats-estimated', 'settings', "By their measures only, within 15 %: {$guessed}.",
                'Weigh them before they are set; afterwards nobody can.',
            );
        }
    }
}
