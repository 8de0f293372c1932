<?php

declare(strict_types=1);

namespace Tools\Contract;

use App\People\Ability;
use App\People\Role;

/** The shapes of the workshop's own pages: people, journal, casting, metal, the client's look. */
final class HouseSchemas
{
    /** @return array<string, mixed> */
    public static function all(): array
    {
        [$text, $int, $number, $bool] = [Shape::TEXT, Shape::INT, Shape::NUMBER, Shape::BOOL];
        $nullText = Shape::orNull($text);
        $nullNumber = Shape::orNull($number);
        $jobs = Shape::list(Shape::whole(['number' => $int, 'title' => $text]));
        $role = Shape::oneOf(array_column(Role::cases(), 'value'));
        $burnout = [
            'id' => $int, 'kind' => Shape::oneOf(['burnout', 'firing']),
            'state' => Shape::oneOf(['planned', 'burning', 'over']), 'ready_at' => $nullText,
            'started_at' => $nullText, 'minutes' => $number, 'jobs' => $jobs, 'flasks' => $int,
        ];

        return [
            'Problem' => Shape::object(
                [
                    'errors' => Shape::map(Shape::list($text)), 'clashes' => Shape::list(Shape::ref('Clash')),
                    'known' => Shape::whole(['id' => $int, 'name' => $text, 'contact' => $text]),
                ],
                ['errors'],
            ),
            'Clash' => Shape::object(
                ['path' => $text, 'from' => true, 'to' => true, 'present' => true, 'stands' => $int],
                ['path', 'from', 'to', 'present'],
            ),
            'Bench' => Shape::whole([
                'network' => $bool,
                'person' => Shape::orNull(Shape::whole(['id' => $int, 'name' => $text, 'role' => $role])),
                'may' => Shape::list(Shape::oneOf(array_column(Ability::cases(), 'value'))),
                'people' => Shape::list(Shape::ref('Person')), 'now' => $text, 'zone' => $text, 'zone_agreed' => $bool,
                'house' => Shape::whole(['name' => $nullText, 'mark' => $nullText]),
                'units' => Shape::whole([
                    'length' => Shape::oneOf(['mm', 'in', 'gauge']), 'mass' => Shape::oneOf(['g', 'dwt', 'ozt']),
                    'temperature' => Shape::oneOf(['C', 'F']), 'size' => $text,
                ]),
                'clocks' => Shape::list(Shape::ref('Clock')),
                'kiln' => Shape::orNull(
                    Shape::whole([
                        'run' => $int, 'kiln_c' => $nullNumber,
                        'way' => Shape::oneOf(['rising', 'holding', 'falling']), 'alarms' => $int,
                    ]),
                ),
            ]),
            'Today' => Shape::whole([
                'jobs' => Shape::list(Shape::ref('TodayJob')), 'open' => $int, 'late' => $int,
                'burnouts' => Shape::list(Shape::whole([
                    'number' => $int, 'title' => $text, 'start_at' => $text, 'ready_at' => $nullText,
                ])),
                'asked' => Shape::list(Shape::whole([
                    'number' => $int, 'title' => $text, 'key' => $text, 'by' => $text, 'at' => $text,
                    'words' => $text,
                ])),
                'changed' => Shape::list(Shape::whole(['number' => $int, 'title' => $text, 'message' => $text])),
                'backup' => Shape::whole(['at' => $nullText, 'trouble' => $nullText, 'overdue' => $bool]),
            ]),
            'TodayJob' => Shape::whole(
                [
                    'number' => $int, 'commission' => $int, 'title' => $text, 'client' => $nullText,
                    'station' => Shape::ref('StationName'), 'due' => $nullText, 'state' => $text, 'next' => $nullText,
                    'wants' => Shape::list($text), 'worst' => $nullText, 'trouble' => $nullText,
                ],
            ),
            ...PlanSchemas::all(),
            ...RehearsalSchemas::all(),
            'JobPrice' => Shape::object($price = [
                'currency' => $text, 'quote' => Shape::orNull(Shape::ref('Answer')),
                'drawn' => Shape::orNull(Shape::ref('View')), 'left' => Shape::ref('Answer'),
                'thread' => Shape::orNull(Shape::ref('View')),
                'unsaid' => Shape::list(Shape::whole(['path' => $text, 'label' => $text])),
                'instead' => Shape::list(Shape::whole(['alloy' => $text, 'label' => $text, 'total' => $number])),
                'widths' => Shape::list(Shape::whole(['width' => $number, 'total' => $number])),
                'quotes' => Shape::list(Shape::ref('Quote')), 'payments' => Shape::list(Shape::ref('Payment')),
                'settled' => Shape::ref('Settled'), 'spent' => Shape::ref('QuoteChanges'),
                'invoice_text' => $nullText, 'address' => $text,
            ], array_keys(array_diff_key($price, ['address' => 1]))),
            'OwnFigures' => Shape::whole(['figures' => Shape::list(Shape::whole([
                'name' => $text, 'label' => $text, 'quantity' => $text, 'may_be_taken' => $bool, 'usual' => $number,
                'used' => $nullNumber, 'taken' => Shape::orNull(Shape::whole(['n' => $int, 'at' => $text])),
                'answer' => Shape::ref('Answer'),
                'samples' => Shape::list(Shape::whole(['value' => $number, 'at' => $text, 'job' => $text])),
            ]))]),
            'Workshop' => Shape::whole(
                [
                    'name' => $nullText, 'mark' => $nullText, 'timezone' => $text, 'timezone_agreed' => $bool,
                    'zones' => Shape::list($text),
                    'backup_folder' => $nullText, 'backup_default' => $text, 'backed_up_at' => $nullText,
                    'backup_trouble' => $nullText, 'kilns' => Shape::ref('Kilns'), 'tumblers' => $int,
                    'any_hand' => $bool, 'invoice_text' => $nullText,
                ],
            ),
            'Journal' => Shape::whole(
                [
                    'notes' => Shape::list(Shape::whole([
                        'id' => $int, 'at' => $text, 'by' => $nullText, 'what' => $text,
                        'detail' => ['type' => 'object'],
                    ])),
                    'page' => $int, 'more' => $bool,
                ],
            ),
            'People' => Shape::whole(
                [
                    'people' => Shape::list(Shape::whole([
                        'id' => $int, 'name' => $text, 'role' => $role, 'signs_in' => $bool, 'hours' => $text,
                        'off' => $text,
                    ])),
                    'roles' => Shape::list($text),
                ],
            ),
            'Sample' => Shape::whole(
                [
                    'name' => $text, 'form' => $text, 'grade' => $text, 'start' => $number, 'broken' => $number,
                    'where' => $text,
                ],
            ),
            'StretchTests' => Shape::whole([
                'tests' => Shape::list(Shape::whole([
                    'id' => $int, 'tested_on' => $text, 'note' => $text,
                    'samples' => Shape::list(Shape::ref('Sample')), 'answer' => Shape::ref('Answer'),
                ])),
                'learned' => Shape::list(Shape::whole([
                    'form' => $text, 'grade' => $text, 'samples' => $int, 'strain' => $number, 'at_joint' => $int,
                ])),
            ]),
            'Looks' => Shape::object([
                'offered' => Shape::list(Shape::whole(['name' => $text, 'title' => $text])),
                'was_offered' => Shape::list(Shape::whole([
                    'name' => $text, 'title' => $text,
                    'changes' => Shape::list(Shape::whole(['path' => $text, 'to' => $text])),
                ])),
                'pictures' => Shape::list(Shape::whole(['key' => $text, 'file' => $text, 'caption' => $text])),
                'looks' => Shape::list(Shape::whole([
                    'id' => $int, 'arrangements' => Shape::list($text), 'pictures' => $int, 'sent_at' => $text,
                    'expires_at' => $text, 'state' => Shape::oneOf(['open', 'expired', 'revoked']),
                    'approved' => $bool,
                ])),
                'letters' => Shape::list(Shape::whole([
                    'id' => $int, 'to' => $text, 'subject' => $text, 'body' => $text, 'sent_at' => $text,
                ])),
                'words' => Shape::list(Shape::object(
                    [
                        'key' => $text, 'what' => $text, 'arrangement' => $text, 'words' => $text, 'look' => $int,
                        'answered' => $text, 'by' => $text, 'at' => $text,
                    ],
                    ['key', 'what', 'by', 'at'],
                )),
                'simulated' => $bool, 'address' => $text,
            ], ['offered', 'was_offered', 'pictures', 'looks', 'letters', 'words', 'simulated']),
            'Burnout' => Shape::whole($burnout),
            'Casting' => Shape::whole(
                [
                    'runs' => Shape::list(Shape::ref('Burnout')), 'proposal' => ['type' => 'object'],
                    'views' => Shape::list(Shape::ref('View')),
                ],
            ),
            'RunPage' => Shape::whole([
                ...$burnout, 'stages' => Shape::list(['type' => 'object']), 'speed' => $number, 'minute' => $nullNumber,
                'kiln_c' => $nullNumber, 'planned_c' => $nullNumber, 'start_at' => $nullText, 'core_c' => $nullNumber,
                'gaps' => Shape::list(['type' => 'object']), 'view' => Shape::ref('View'),
                'chamber' => Shape::ref('View'), 'events' => Shape::list(['type' => 'object']),
                'speeds' => Shape::list($int), 'core' => ['type' => ['object', 'null']],
                'alarms' => Shape::list(Shape::whole([
                    'id' => $int, 'code' => $text, 'minute' => $number, 'message' => $text,
                    'answered_at' => $nullText,
                ])),
                'safety' => Shape::list($text),
                'steps' => Shape::list(Shape::whole(['name' => $text, 'done' => $text])),
                'flask_rows' => Shape::list(['type' => 'object']),
            ]),
            'Lot' => Shape::whole(
                [
                    'id' => $int, 'name' => $text, 'kind' => $text, 'alloy' => $text, 'fineness' => $number,
                    'owner' => $nullText, 'client_id' => Shape::orNull($int), 'job' => Shape::orNull($int),
                    'origin' => $text, 'mass' => $number, 'fine' => $number,
                ],
            ),
            'Movement' => Shape::whole([
                'id' => $int, 'kind' => $text, 'at' => $text, 'by' => $nullText, 'job' => Shape::orNull($int),
                'reason' => $text, 'loss' => $number, 'reverses' => Shape::orNull($int), 'reversed' => $bool,
                'postings' => Shape::list(Shape::whole([
                    'lot' => $int, 'name' => $text, 'alloy' => $text, 'mass' => $number,
                ])),
            ]),
            'StatementRow' => Shape::whole(
                [
                    'of' => $text, 'alloy' => $text, 'owner' => $text, 'before_mg' => $int, 'in_mg' => $int,
                    'out_mg' => $int, 'now_mg' => $int, 'fine_mg' => $number,
                ],
            ),
            'JobMetal' => Shape::whole(
                [
                    'held' => Shape::list(Shape::ref('Lot')), 'left' => Shape::list(Shape::ref('Lot')),
                    'lots' => Shape::list(Shape::ref('Lot')), 'of_alloy' => Shape::list(Shape::ref('Lot')),
                    'of_metal' => Shape::list(Shape::ref('Lot')), 'movements' => Shape::list(Shape::ref('Movement')),
                ],
            ),
            'Metal' => Shape::whole(
                [
                    'lots' => Shape::list(Shape::ref('Lot')), 'movements' => Shape::list(Shape::ref('Movement')),
                    'statement' => Shape::list(Shape::ref('StatementRow')), 'flow' => Shape::ref('View'),
                    'charges' => Shape::list(Shape::whole([
                        'number' => $int, 'title' => $text, 'alloy' => $text, 'wanted' => $nullNumber,
                        'client_id' => Shape::orNull($int),
                    ])),
                ],
            ),
        ];
    }
}
