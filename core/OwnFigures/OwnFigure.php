<?php

declare(strict_types=1);

namespace HotSprue\OwnFigures;

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
use HotSprue\Workshop\WorkshopSettings;

/** What the workshop's own jobs say of a figure, drawn toward the usual one while they are few. Source: workbook 17. */
final class OwnFigure implements Calculation
{
    public function description(): Description
    {
        return new Description(
            'own.figure',
            'A figure of one’s own',
            'What your own jobs say of a usual figure: their median, how far they spread, and what stands apart',
            'workbook 17, the workshop’s own figures',
            [
                Field::rows('samples', [
                    Field::number('value', 'what was found')->between(-1e9, 1e9),
                    Field::of(Quantity::Day, 'at', 'on which day')->optional(),
                    Field::text('job', 'of which job')->optional(),
                ], 'what your jobs gave, the oldest first')->called('samples')->between(0, 2000),
                Field::number('default', 'the usual figure')->called('usual figure'),
                Field::number('prior', 'the usual figure counts as so many jobs')->called('usual counts as')
                    ->fromSetting('own.prior'),
                Field::choice(
                    'by', ['middle', 'spread'], 'whether the figure is the middle of the samples or their spread',
                )->called('taken from')->default('middle'),
                Field::number('instrument_step', 'the least that the instrument tells apart')
                    ->called('instrument’s step')->default(0),
            ],
            [
                Output::number('figure', 'the figure to use')->called('your own'),
                Output::number('n', 'samples that count')->called('samples'),
                Output::number('median', 'the middle of them'),
                Output::number('mad', 'how far the middle one lies from the median')->called('middle distance'),
                Output::number('spread_80', 'eight of ten lie within so much of the median')->called('spread'),
                Output::rows('outliers', 'samples set aside')->called('set aside'),
                Output::text('trend', 'whether the level has changed'),
            ],
            [
                'sample-apart' => 'a sample far from the rest, set aside',
                'level-changed' => 'the last five lie at another level than the five before',
            ],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $step = $input->num('instrument_step');
        [$kept, $apart] = Samples::sorted($input->rows('samples'), $step);
        $default = $input->num('default');
        $prior = $input->num('prior');
        $n = count($kept->values);
        $said = $input->text('by') === 'spread' ? 'spread' : 'median';
        $own = $said === 'spread' ? $kept->spread() : $kept->median();
        $uses = ['samples', 'default', 'prior', 'by', ...($said === 'spread' ? ['instrument_step'] : [])];
        $answer = AnswerBuilder::of($this, $input)->work(
            'figure', $n === 0 ? $default : ($n * $own + $prior * $default) / ($n + $prior),
            $n === 0
                ? Formula::taken('the usual figure, while there is no sample', $default)
                : Formula::of("({n} × {{$said}} + {prior} × {usual}) ÷ ({n} + {prior})", [
                    'n' => $n, $said => $own, 'prior' => $prior, 'usual' => $default,
                ]),
            uses: $uses, because: 'a few jobs say little: the usual figure counts until yours are many',
        )->work(
            'n', $n, Formula::taken('samples given, less those set aside', $n), uses: ['samples'],
            because: 'what was mismeasured once says nothing of the bench',
        );
        if ($n > 0) {
            $answer->work(
                'median', $kept->median(), Formula::taken('the middle one of the samples that count', $kept->median()),
                uses: ['samples'], because: 'one bad job does not move it',
            )->work(
                'mad', $kept->distance(), Formula::taken('the middle one of the distances from it', $kept->distance()),
                uses: ['samples'], because: 'nor does it move this',
            )->work(
                'spread_80', $kept->spread(),
                Formula::of('1.2816 × 1.4826 × max({distance}, {step})', [
                    'distance' => $kept->distance(), 'step' => $step,
                ]), uses: ['samples', 'instrument_step'],
                because: 'no instrument tells less apart than its own step',
            );
        }
        $answer->give('outliers', array_map(static fn (array $one): array => [
            'value' => $one['value'], 'at' => $one['at'] ?? '', 'job' => $one['job'] ?? '',
        ], $apart));
        foreach ($apart as $one) {
            $answer->find(
                Level::Note, 'sample-apart', 'samples',
                sprintf('%s lies far from the rest%s.', self::said((float) $one['value']),
                    isset($one['job']) ? ", job {$one['job']}" : ''),
                'It is set aside. Look whether it was measured or written down wrongly.',
            );
        }
        $this->trend($answer, $kept, $step);

        return $answer->answer();
    }

    private function trend(AnswerBuilder $answer, Samples $kept, float $step): void
    {
        [$before, $last] = $kept->lastTwoFives();
        if ($before === null || $last === null) {
            $this->saying($answer, 'too few to say', 'fewer than ten count');

            return;
        }
        $moved = $last->median() - $before->median();
        $isChanged = abs($moved) > max($before->spread(), $last->spread()) + 1e-12;
        $this->saying(
            $answer, $isChanged ? ($moved > 0 ? 'risen' : 'fallen') : 'steady',
            sprintf('%s and %s', self::said($before->median()), self::said($last->median())),
        );
        if ($isChanged) {
            $answer->find(
                Level::Note, 'level-changed', 'samples',
                sprintf(
                    'The last five lie at %s, the five before at %s.', self::said($last->median()),
                    self::said($before->median()),
                ),
                'Something has changed at the bench: a tool, a supplier, a hand. Find out before you take the figure.',
            );
        }
    }

    private function saying(AnswerBuilder $answer, string $trend, string $by): void
    {
        $answer->work(
            'trend', $trend, Formula::said('the middle of the last five against that of the five before', $by),
            uses: ['samples', 'instrument_step'], because: 'moved by more than both spread',
        );
    }

    private static function said(float $value): string
    {
        return rtrim(rtrim(sprintf('%.4f', $value), '0'), '.');
    }
}
