<?php

declare(strict_types=1);

namespace HotSprue\Solder;

use HotSprue\Calculation\Description;
use HotSprue\Calculation\Output;
use HotSprue\Fields\Field;
use HotSprue\Measures\Quantity;

/** What `JoinPlan` takes, gives and finds. */
final class JoinPlanDescription
{
    public static function make(): Description
    {
        return new Description(
            'join.plan',
            'Order of solder',
            'The heats that join a piece, hardest solder first, or why there are none and what would free it',
            JoinPlan::SOURCE,
            [
                Field::rows('parts', [
                    Field::text('id', 'name of the part'),
                    Field::named('alloy', 'stock.alloys', 'its alloy; the piece’s unless said')->optional(),
                    Field::mass('mass', 'its mass')->optional(),
                ], 'the parts'),
                Field::rows('joints', [
                    Field::text('id', 'name of the joint'),
                    Field::text('parts', 'the parts it joins, with a comma; a part closed on itself twice')->many(),
                    Field::text('after', 'joints that come before it')->many()->default([]),
                    Field::choice('form', JoinPlan::FORMS, 'form of the solder')->default('chip'),
                    Field::text('grade', 'solder, where it is fixed')->optional(),
                    Field::text('same_heat', 'letter that joints share which share a heat')
                        ->called('shares heat')->optional(),
                    Field::yesNo('hollow', 'whether it closes a hollow')->called('closes a hollow?')->default(false),
                    Field::yesNo('vent', 'whether the hollow has a vent hole')->called('vent drilled?')->default(false),
                    Field::yesNo('guard', 'whether it is guarded, so that its grade may be used again')
                        ->called('guarded?')->default(false),
                    Field::choice('how', Fusing::HOW, 'how it is closed')->called('closed by')
                        ->saying(['fuse' => 'fusing', 'cold' => 'rivet or seat, cold'])->default('solder'),
                    Field::yesNo('cold', 'whether it is made without a torch')
                        ->called('without a torch?')->default(false),
                    Field::yesNo('textured', 'whether a face beside it is textured')
                        ->called('textured face?')->default(false),
                    Field::yesNo('thin_wire', 'whether it puts thin wire on a thick base')
                        ->called('thin wire?')->default(false),
                    Field::length('length', 'length of the joint')->optional(),
                    Field::length('section', 'thickness of the metal that meets')->optional(),
                    Field::length('gap', 'how far it gapes, as seen before the heat')->allowingZero()->optional(),
                ], 'the joints'),
                Field::named('alloy', 'stock.alloys', 'alloy of the piece')->optional(),
                Field::named(
                    'solders', 'stock.solders',
                    'solders to choose from; what the cupboard holds for these metals unless said',
                )
                    ->called('solders to choose from')->many()->default([]),
                ...SetStones::fields(),
                Field::text('order', 'joints in the order that they are to be made in')->many()->default([]),
                Field::degreesApart('step_c', 'a solder flows so far under those in the piece')
                    ->called('step between solders')->allowingZero()->fromSetting('solder.step'),
                Field::degreesApart('margin_c', 'a solder flows so far under the solidus of every part')
                    ->called('under the solidus')->allowingZero()->fromSetting('solder.margin'),
                Field::choice('law', ['off', 'on'], 'whether solder must be as fine as the assay office asks')
                    ->called('as the assay office asks')->fromSetting('solder.law'),
                Field::choice('school', ['hardest', 'easy'], 'which solder a single joint takes')
                    ->called('one joint alone takes')->fromSetting('solder.school'),
                ...OldWork::fields(),
            ],
            [
                Output::text('possible', 'whether there is a plan')->called('can be done'),
                Output::of(Quantity::Count, 'fires', 'how often it is heated')->called('heats'),
                Output::rows('heats', 'the heats in order'),
                Output::text('order', 'the joints in order'),
                Output::of(
                    Quantity::Temperature, 'safe_flow', 'hottest flow that every part stands',
                )->called('safe for the piece'),
                Output::of(
                    Quantity::TemperatureDifference, 'least_margin',
                    'nearest that a flow comes to the solidus of a part in the fire',
                )->called('nearest to melting'),
                Output::of(
                    Quantity::Temperature, 'last_flow', 'flow of the last solder: what the finished piece stands',
                ),
                Output::rows('remaining_grades', 'solders that could still be used after the last heat'),
                Output::rows('sharing', 'joints that could share a heat'),
                Output::text('cost', 'what the order that was asked for costs'),
                Output::rows(
                    'stones', 'each stone, and whether it is set before or after the last fire: stone, when, why',
                ),
                Output::rows('fused', 'joints fused before any solder: joint, how, words'),
                Output::rows('cold', 'joints made without a torch, after the last fire: joint, how, words'),
                Output::rows('clash', 'joints that cannot all be made'),
                Output::rows('remedies', 'what would free them'),
            ],
            [
                'no-plan' => 'joints that cannot all be soldered',
                'order-stuck' => 'an order that was asked for and cannot be kept',
                'order-costs' => 'an order that was asked for, and a better one is there',
                'margin-small' => 'a solder that flows less than 25 °C under the solidus of a part',
                'softens-earlier' => 'a solder that flows above an earlier one’s solidus, by 30 °C or less',
                'moves-earlier' => 'a solder that flows more than 30 °C above an earlier one’s solidus',
                'flows-close' => 'a solder that flows less than 20 °C under an earlier one',
                'grade-again' => 'a grade used again beside a guarded joint',
                'under-fineness' => 'solder under the fineness that an assay office asks, with the law not kept to',
                'no-vent' => 'a closed hollow with no vent hole',
                ...Fusing::FINDINGS, ...SetStones::FINDINGS, ...Gap::FINDINGS, ...OldWork::FINDINGS,
            ],
        );
    }
}
