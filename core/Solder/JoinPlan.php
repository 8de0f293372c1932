<?php

declare(strict_types=1);

namespace HotSprue\Solder;

use HotSprue\Calculation\Answer;
use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Calculation;
use HotSprue\Calculation\Description;
use HotSprue\Calculation\Formula;
use HotSprue\Calculation\Level;
use HotSprue\Fields\Input;
use HotSprue\Workshop\WorkshopSettings;

/**
 * In which heats a piece is joined, with which solder: hardest first, or why it cannot be. Source: workbook 12, the
 * plan.
 */
final class JoinPlan implements Calculation
{
    public const FORMS = ['chip', 'wire', 'paste'];

    public const SOURCE = 'workbook 12, the plan';

    public function description(): Description
    {
        return JoinPlanDescription::make();
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $assembly = Assembly::read($input, $settings);
        $terms = PlanTerms::read($input, $settings);
        $answer = AnswerBuilder::of($this, $input);
        $search = Search::in($assembly, $terms);
        $free = $search->best();
        $answer->work(
            'possible', $free === null ? 'no' : 'yes',
            Formula::said(
                'every order of joints and grades that keeps the rules',
                sprintf(
                    '%d joints, %d parts, %d solders', count($assembly->joints), count($assembly->names),
                    count($assembly->solders),
                ),
            ),
            uses: ['parts', 'joints', 'solders', 'step_c', 'margin_c', 'law'], because: 'searched through, not guessed',
        )
            ->work(
                'safe_flow', $assembly->solidus((1 << count($assembly->names)) - 1) - $terms->margin,
                Formula::of(
                    '{least solidus of the parts} − {margin}',
                    [
                        'least solidus of the parts' => $assembly->solidus((1 << count($assembly->names)) - 1),
                        'margin' => $terms->margin,
                    ],
                ),
                uses: ['parts', 'margin_c'],
                because: 'for the piece as a whole; a part in the fire alone may stand more',
            );
        Fusing::judge($answer, $assembly);
        $free === null
            ? $this->refuse($answer, $assembly, $search, $terms)
            : $this->plan(
                $answer, $input, $assembly, $search->heats, Plan::of($search->heats, $free, $terms), $terms, $settings,
            );
        $this->judgeJoints($answer, $assembly, $settings);
        $stones = SetStones::read($input, $settings);
        $stones->judge($answer, 'stones_set');
        $answer->give('stones', $stones->advice);
        OldWork::judge($input, $answer);

        return $answer->answer();
    }

    private function refuse(AnswerBuilder $answer, Assembly $assembly, Search $search, PlanTerms $terms): void
    {
        $clash = $search->clash();
        $remedies = (new Remedies($terms))->freeing($assembly, $clash);
        $answer->give(
            'clash', array_map(static fn (string $id): array => ['joint' => $id], $clash),
        )->give('remedies', $remedies)
            ->find(Level::Stop, 'no-plan', 'joints', count($clash) === 1
                ? "No solder here is right for {$clash[0]}: none flows low enough under the solidus of its parts, or "
                    .'none is allowed.'
                : sprintf(
                    '%s cannot all be soldered: no grades are left that flow one under another.', implode(', ', $clash),
                ),
                $remedies === []
                    ? 'Take another solder into stock, or make fewer parts.'
                    : 'What would free it: '.implode('; or ', array_column($remedies, 'words')).'.');
    }

    private function plan(
        AnswerBuilder $answer, Input $input, Assembly $assembly, Heats $heats, Plan $free, PlanTerms $terms,
        WorkshopSettings $settings,
    ): void
    {
        $plan = $this->asked($answer, $input, $assembly, $free, $terms);
        $rows = [];
        foreach ($plan->heats as $index => $heat) {
            $rows[] = HeatCard::of($index + 1, $heat, $assembly, $input, $settings);
        }
        $hottest = $plan->heats === [] ? null : array_reduce(
            $plan->heats,
            static fn (
                ?PlannedHeat $least, PlannedHeat $heat,
            ): PlannedHeat => $least === null || $heat->margin < $least->margin ? $heat : $least,
        );
        $answer->give('heats', $rows)
            ->work(
                'order', implode(', ', $plan->order()),
                Formula::said(
                    'hotter flows first; of equals fewer grades, then as listed',
                    implode(', ', array_map(static fn (float $flow): string => sprintf('%.0f', $flow), $plan->flows())),
                ),
                uses: ['joints', 'order'], because: 'what is made first must stand what comes after',
            )
            ->work(
                'fires', count($plan->heats), Formula::taken('heats of the plan', count($plan->heats)),
                uses: ['joints'], because: 'each is pickled, rinsed and looked at',
            )
            ->give('sharing', (new Sharing($terms))->in($assembly, $plan));
        if ($hottest === null) {
            return;
        }
        $last = $plan->heats[count($plan->heats) - 1];
        $lowest = min($plan->flows());
        $answer->work(
            'least_margin', $hottest->margin,
            Formula::of(
                '{solidus of the piece} − {flow}',
                ['solidus of the piece' => $hottest->margin + $hottest->solder->flow, 'flow' => $hottest->solder->flow],
            ),
            uses: ['parts', 'joints', 'margin_c'],
            because: 'how near the metal comes to melting, at '.implode(', ', $hottest->ids()),
        )
            ->work(
                'last_flow', $lowest, Formula::taken('the coolest flow in the piece', $lowest), uses: ['joints'],
                because: 'a repair must stay under it',
            )
            ->give('remaining_grades', $this->remaining($assembly, $last->piece, $lowest, $terms));
        $this->judge($answer, $assembly, $plan, $terms, $settings);
    }

    /** @return list<array{solder: string, flow_c: float}> hottest first */
    private function remaining(Assembly $assembly, int $piece, float $lowest, PlanTerms $terms): array
    {
        $safe = min($lowest - $terms->step, $assembly->solidus($piece) - $terms->margin);
        $left = array_filter($assembly->solders, static fn (Solder $solder): bool => $solder->flow <= $safe + 1e-9);
        usort($left, static fn (Solder $one, Solder $other): int => $other->flow <=> $one->flow);

        return array_map(
            static fn (Solder $solder): array => ['solder' => $solder->name, 'flow_c' => $solder->flow], $left,
        );
    }

    /** The plan in the order that was asked for, where there is one; else the free plan. */
    private function asked(AnswerBuilder $answer, Input $input, Assembly $assembly, Plan $free, PlanTerms $terms): Plan
    {
        $order = array_values(
            array_intersect(
                $input->texts('order'), array_map(static fn (Joint $joint): string => $joint->id, $assembly->joints),
            ),
        );
        if ($order === []) {
            return $free;
        }
        $search = Search::in(OrderedPlan::to($order, $assembly), $terms);
        $sequence = $search->best();
        if ($sequence === null) {
            $answer->find(
                Level::Stop, 'order-stuck', 'order',
                'The joints cannot be made in this order: a later one would need more heat than an earlier one '
                    .'stands, or comes before what it waits for.',
                'Let the plan choose the order; it is shown so here.', ['order' => ''],
            );

            return $free;
        }
        $pinned = Plan::of($search->heats, $sequence, $terms);
        $cost = Cost::of($free, $pinned);
        $answer->work(
            'cost', $cost ?? 'nothing',
            Formula::said(
                'flows in the best order, and in this one',
                implode(', ', $free->flows()).' and '.implode(', ', $pinned->flows()),
            ),
            uses: ['order'], because: 'a cooler flow now leaves fewer grades for later',
        );
        if ($cost !== null) {
            $answer->find(
                Level::Note, 'order-costs', 'order', "This order costs: {$cost}.", 'Let the plan choose the order.',
                ['order' => ''],
            );
        }

        return $pinned;
    }

    private function judge(
        AnswerBuilder $answer, Assembly $assembly, Plan $plan, PlanTerms $terms, WorkshopSettings $settings,
    ): void
    {
        $near = $soft = $moves = $close = $again = $coarse = [];
        foreach ($plan->heats as $index => $heat) {
            $said = sprintf('heat %d', $index + 1);
            $begins = array_diff($heat->softened, $heat->moving, $heat->again);
            $heat->margin < $settings->num('solder.margin_caution') - 1e-9 ? $near[] = sprintf(
                '%s by %.0f °C', $said, $heat->margin,
            ) : null;
            $heat->again !== [] ? $again[] = "{$said} beside ".implode(', ', $heat->again) : null;
            $heat->moving !== [] ? $moves[] = "{$said}: ".implode(', ', $heat->moving) : null;
            $begins !== [] ? $soft[] = "{$said}: ".implode(', ', $begins) : null;
            $heat->close !== [] ? $close[] = "{$said} under ".implode(', ', $heat->close) : null;
            foreach ($heat->joints as $joint) {
                $terms->fine(
                    $heat->solder, $joint, $assembly,
                ) ? null : $coarse[] = "{$joint->id} ({$heat->solder->label})";
            }
        }
        if ($near !== []) {
            $answer->find(
                Level::Caution, 'margin-small', 'margin_c',
                'The solder flows close under the solidus of a part: '.implode('; ', $near).'.',
                'Watch the colour in the shade, take the flame away at the flash; or take a lower grade.', [],
            );
        }
        if ($moves !== []) {
            $answer->find(Level::Caution, 'moves-earlier', 'joints', 'Earlier solder is past its solidus by more than '
                .'30 °C and may let go: '.implode('; ', $moves).'.',
                'Guard those joints with loam, rouge or a heat sink, bind them, and do not move the piece.');
        }
        if ($soft !== []) {
            $answer->find(
                Level::Note, 'softens-earlier', 'joints', 'Earlier solder begins to melt: '.implode('; ', $soft).'.',
                'Keep the flame off those joints, and do not move the piece.',
            );
        }
        if ($close !== []) {
            $answer->find(
                Level::Note, 'flows-close', 'joints',
                'Flows less than 20 °C under an earlier solder, closer than a torch is read: '
                    .implode('; ', $close).'.',
                'Take the flame away at the first flash; guard the earlier joint.',
            );
        }
        if ($again !== []) {
            $answer->find(
                Level::Caution, 'grade-again', 'joints', 'The same grade flows again: '.implode('; ', $again).'.',
                'Guard the earlier joint, bind it with wire, and keep the flame off it.',
            );
        }
        if ($coarse !== []) {
            $lawful = Search::in($assembly, $terms->lawful())->can((1 << count($plan->heats)) - 1);
            $answer->find(
                Level::Note, 'under-fineness', 'law',
                'Under the fineness that an assay office is likely to ask: '.implode(', ', $coarse).'.',
                $lawful
                    ? 'Fine where the piece is not to be marked; else keep to the law, and ask the local assay office.'
                    : 'Fine where the piece is not to be marked. Kept to the law there is no plan with these solders: '
                        .'take finer ones into stock first.',
                $lawful ? ['law' => 'on'] : []);
        }
    }

    private function judgeJoints(AnswerBuilder $answer, Assembly $assembly, WorkshopSettings $settings): void
    {
        foreach ($assembly->joints as $joint) {
            if ($joint->row['hollow'] === true && $joint->row['vent'] !== true && ! $joint->cold) {
                $answer->find(
                    Level::Stop, 'no-vent', 'joints',
                    "{$joint->id} closes a hollow with no hole in it: it bursts in the fire.",
                    'Drill a vent of 0.8 mm where it does not show, and say so.',
                );
            }
        }
        foreach ($assembly->joints as $joint) {
            if (is_numeric($joint->row['gap'])) {
                Gap::judge($answer, (float) $joint->row['gap'], 'joints', $joint->id, $settings);
            }
        }
    }
}
