<?php

declare(strict_types=1);

namespace App\Contract;

use App\Http\Controllers\CastingController;
use App\People\Role;
use HotSprue\Casting\CastingStep;
use HotSprue\Kiln\KilnFault;
use HotSprue\Solid\Stage;

/** Every route beside the sheets': what it is for, what it answers by status, and what it is sent. */
final class Operations
{
    /** Changes that keep nothing in the database, and so need no key. */
    private const UNKEPT = [
        '/api/bench', '/api/sign-in', '/api/sign-out', '/api/sums/{sheet}', '/api/jobs/{job}/reckon',
        '/api/devices/{device}/take', '/api/plan/try',
        '/api/jobs/{job}/price/try', '/api/jobs/{job}/solid', '/api/jobs/{job}/pattern',
    ];

    public static function keepsNothing(string $path): bool
    {
        return in_array($path, self::UNKEPT, true) || str_starts_with($path, '/api/reckon/');
    }

    /**
     * @return list<array{string, string, string, array<int|string, array<string, mixed>|string>, array<string,
     * mixed>|null}>
     */
    public static function all(): array
    {
        return [...self::house(), ...self::plan(), ...self::jobs(), ...self::client(), ...self::casting(),
            ...self::metal()];
    }

    /**
     * @return list<array{string, string, string, array<int|string, array<string, mixed>|string>, array<string,
     * mixed>|null}>
     */
    private static function quotes(): array
    {
        $text = Shape::TEXT;
        $price = Shape::ref('JobPrice');
        $prices = Shape::ref('MetalPrices');

        return [
            [
                'post', '/api/jobs/{job}/price/try', 'What it would cost with what is being typed',
                [200 => Shape::whole([
                    'currency' => $text, 'now' => Shape::orNull(Shape::NUMBER), 'then' => Shape::orNull(Shape::NUMBER),
                ])], ['type' => 'object'],
            ],
            [
                'post', '/api/jobs/{job}/quotes', 'Issues a quote, which is never changed', [201 => $price],
                Shape::object([
                    'until' => $text, 'discount' => Shape::NUMBER, 'reason' => $text, 'others' => Shape::BOOL,
                ]),
            ],
            [
                'post', '/api/quotes/{quote}/send', 'Sends the client a link to a quote', [200 => $price],
                Shape::whole(['to' => $text]),
            ],
            [
                'post', '/api/quotes/{quote}/answer', 'What a client said of a quote by word of mouth', [200 => $price],
                Shape::object(['what' => Shape::oneOf(['accepted', 'declined']), 'by' => $text, 'words' => $text],
                    ['what', 'by']),
            ],
            [
                'post', '/api/jobs/{job}/payments', 'Takes a payment, or gives one back', [201 => $price],
                Shape::object([
                    'kind' => Shape::oneOf(['deposit', 'balance', 'refund']), 'amount' => $text, 'paid_on' => $text,
                    'how' => $text,
                ], ['kind', 'amount', 'paid_on']),
            ],
            ['post', '/api/payments/{payment}/reverse', 'Puts a payment right by its opposite', [200 => $price], null],
            ['post', '/api/jobs/{job}/invoice', 'Makes the invoice out', [200 => $price], null],
            ['get', '/api/quotes.csv', 'Every quote', [200 => 'text/csv'], null],
            ['get', '/api/payments.csv', 'Every payment', [200 => 'text/csv'], null],
            ['get', '/api/metal-prices', 'Prices of metal by day', [200 => $prices], null],
            [
                'post', '/api/metal-prices', 'A price of a day', [200 => $prices],
                Shape::whole(['metal' => $text, 'price' => Shape::NUMBER, 'on' => $text]),
            ],
            [
                'post', '/api/metal-prices/import', 'Reads prices from a file of day,metal,price', [200 => $prices],
                ['type' => 'object'],
            ],
            ['post', '/api/metal-prices/simulate', 'Today’s prices of the simulated feed', [200 => $prices], null],
        ];
    }

    /**
     * @return list<array{string, string, string, array<int|string, array<string, mixed>|string>, array<string,
     * mixed>|null}>
     */
    private static function plan(): array
    {
        $plan = [200 => Shape::ref('Plan')];
        $step = Shape::object(
            ['job' => Shape::TEXT, 'step' => Shape::TEXT, 'start' => Shape::TEXT, 'by' => Shape::orNull(Shape::TEXT)],
            ['job', 'step', 'start'],
        );

        return [
            ['get', '/api/plan', 'Who does what when, what is under way, and who is waited for', $plan, null],
            [
                'post', '/api/plan/try', 'What laying a step elsewhere would come to',
                [200 => Shape::ref('PlanChange')], $step,
            ],
            ['get', '/api/plan.csv', 'The plan as a table', [200 => 'text/csv'], null],
            ['get', '/api/plan.ics', 'The plan of a person or a kiln as a calendar', [200 => 'text/calendar'], null],
            [
                'get', '/api/calendars', 'Links to calendars that are open', [200 => Shape::ref('Calendars')], null,
            ],
            [
                'post', '/api/calendars', 'A secret link to the calendar of a person or a kiln',
                [201 => Shape::ref('Calendars')], Shape::object(['person' => Shape::TEXT, 'kiln' => Shape::TEXT]),
            ],
            ['post', '/api/calendars/{link}/revoke', 'Ends a link', [200 => Shape::ref('Calendars')], null],
            ...self::quotes(),
            ['post', '/api/plan/fixed', 'Lays a step on an hour, where it stays', $plan, $step],
            ['delete', '/api/jobs/{job}/steps/{step}/fixed', 'Lets a step go free again', $plan, null],
            [
                'post', '/api/jobs/{job}/steps/{step}', 'Starts a step, pauses it, ends it, or takes its end back',
                $plan,
                Shape::whole(['do' => Shape::oneOf(['start', 'pause', 'end', 'again'])]),
            ],
            [
                'get', '/api/jobs/{job}/promise', 'The day that could be promised for a job, behind all others',
                [200 => Shape::whole(['promise' => Shape::ref('Answer'),
                    'drawn' => Shape::orNull(Shape::ref('View'))])],
                null,
            ],
        ];
    }

    /**
     * @return list<array{string, string, string, array<int|string, array<string, mixed>|string>, array<string,
     * mixed>|null}>
     */
    private static function house(): array
    {
        $text = Shape::TEXT;
        $clocks = Shape::whole(['clocks' => Shape::list(Shape::ref('Clock')), 'now' => $text]);
        $reading = Shape::ref('Reading');
        $person = Shape::object(
            [
                'name' => $text, 'role' => Shape::oneOf(array_column(Role::cases(), 'value')),
                'passphrase' => Shape::orNull($text),
            ],
        );

        return [
            [
                'post', '/api/sums/{sheet}', 'A sheet under the workshop’s figures, with its drawing',
                [200 => Shape::ref('Sum')], ['type' => 'object'],
            ],
            [
                'get', '/api/ask', 'Sums that may be meant by `said`, words at the bench, the likeliest first',
                [200 => Shape::whole(['found' => Shape::list(Shape::ref('Suggestion'))])], null,
            ],
            ['get', '/api/bench', 'Who is at the bench, and the running clocks', [200 => Shape::ref('Bench')], null],
            [
                'post', '/api/bench', 'Picks who is at the bench', [200 => Shape::ref('Bench')],
                Shape::whole(['id' => Shape::INT]),
            ],
            [
                'post', '/api/sign-in', 'Signs in over the network', [200 => Shape::ref('Bench')],
                Shape::whole(['name' => $text, 'passphrase' => $text]),
            ],
            ['post', '/api/sign-out', 'Signs out', [200 => Shape::ref('Bench')], null],
            ['get', '/api/catalogue', 'Every field and sheet', [200 => Shape::ref('Catalogue')], null],
            ['get', '/api/today', 'What is hot, what is next and what is due', [200 => Shape::ref('Today')], null],
            [
                'get', '/api/clients', 'Clients by name',
                [200 => Shape::whole(['clients' => Shape::list(Shape::ref('Client'))])], null,
            ],
            [
                'get', '/api/requests/{key}', 'What became of a request whose answer was lost: its answer, or 404',
                [200 => ['type' => 'object'], 201 => ['type' => 'object'], 202 => ['type' => 'object']], null,
            ],
            ['get', '/api/shop', 'The workshop’s figures', [200 => Shape::ref('Shop')], null],
            [
                'put', '/api/shop', 'Changes the workshop’s figures; null puts one back', [200 => Shape::ref('Shop')],
                ['type' => 'object'],
            ],
            [
                'get', '/api/jobs/{job}/price', 'What a job costs as it stands, and what is still to be done of it',
                [200 => Shape::ref('JobPrice')], null,
            ],
            [
                'get', '/api/own-figures', 'What finished jobs say of the workshop’s figures',
                [200 => Shape::ref('OwnFigures')], null,
            ],
            ['get', '/api/own-figures.csv', 'Every sample of them', [200 => 'text/csv'], null],
            [
                'post', '/api/own-figures/{name}/take', 'Takes one for jobs begun from now on',
                [200 => Shape::ref('OwnFigures')], null,
            ],
            [
                'post', '/api/own-figures/{name}/back', 'Gives one back to what is usual',
                [200 => Shape::ref('OwnFigures')], null,
            ],
            ['get', '/api/workshop', 'Name, mark, time zone and backups', [200 => Shape::ref('Workshop')], null],
            [
                'put', '/api/workshop', 'Changes its name, mark or time zone, or where backups go',
                [200 => Shape::ref('Workshop')],
                Shape::object([
                    'name' => Shape::orNull($text), 'mark' => Shape::orNull($text), 'timezone' => $text,
                    'backup_folder' => Shape::orNull($text), 'kilns' => Shape::ref('Kilns'),
                    'tumblers' => Shape::INT, 'any_hand' => Shape::BOOL, 'invoice_text' => Shape::orNull($text),
                ]),
            ],
            ['post', '/api/backup', 'Asks for a backup now', [202 => Shape::whole(['asked' => Shape::BOOL])], null],
            ['get', '/api/journal', 'Who did what to the workshop', [200 => Shape::ref('Journal')], null],
            ['get', '/api/people', 'Who works here', [200 => Shape::ref('People')], null],
            ['post', '/api/people', 'Somebody new', [201 => Shape::ref('People')], $person],
            ['put', '/api/people/{person}', 'Another name, role or passphrase', [200 => Shape::ref('People')], $person],
            [
                'put', '/api/people/{person}/hours', 'When somebody works, as one says it, and their days off',
                [200 => Shape::ref('People')], Shape::object(['hours' => $text, 'off' => $text]),
            ],
            ['get', '/api/clocks', 'Running clocks', [200 => $clocks], null],
            [
                'post', '/api/clocks', 'Starts a clock', [201 => $clocks],
                Shape::object(
                    [
                        'job' => Shape::orNull(Shape::INT), 'label' => $text,
                        'stages' => Shape::list(['type' => 'object']),
                    ],
                    ['label', 'stages'],
                ),
            ],
            [
                'post', '/api/clocks/{clock}/stop', 'Stops a clock, or sets it going again', [200 => $clocks],
                Shape::object(['again' => Shape::BOOL]),
            ],
            ['get', '/api/devices/{device}', 'What an instrument shows', [200 => $reading], null],
            [
                'post', '/api/devices/{device}/take', 'A settled reading',
                [200 => $reading, 409 => Shape::ref('Problem')], null,
            ],
            ['post', '/api/devices/{device}/tare', 'Sets it to nought', [200 => $reading], null],
            [
                'post', '/api/devices/{device}/put', 'Puts something on a simulated instrument', [200 => $reading],
                Shape::whole(['value' => true]),
            ],
            ['get', '/api/stretch-tests', 'The stretch test log', [200 => Shape::ref('StretchTests')], null],
            [
                'post', '/api/stretch-tests', 'Keeps a test', [201 => Shape::ref('StretchTests')],
                Shape::object(
                    [
                        'tested_on' => Shape::orNull($text), 'note' => Shape::orNull($text),
                        'samples' => Shape::list(['type' => 'object']),
                    ],
                    ['samples'],
                ),
            ],
            ['delete', '/api/stretch-tests/{test}', 'Takes a test out', [200 => Shape::ref('StretchTests')], null],
            ['get', '/api/rehearsals', 'Lessons, and who rehearsed what', [200 => Shape::ref('Rehearsals')], null],
            [
                'post', '/api/rehearsals', 'Keeps a rehearsal, played through once more',
                [201 => Shape::ref('Rehearsed')], Shape::object(
                    [
                        'lesson' => $text, 'torch' => $text, 'support' => $text, 'bare' => Shape::BOOL,
                        'moves' => Shape::list(['type' => 'object']),
                    ],
                    ['lesson', 'moves'],
                ),
            ],
            ['get', '/api/rehearsals/{rehearsal}', 'One rehearsal', [200 => Shape::ref('Rehearsed')], null],
            ['get', '/api/lessons/{lesson}', 'A piece to be rehearsed', [200 => Shape::ref('HeatLesson')], null],
            [
                'get', '/api/lessons/{lesson}/shown', 'The same in a good hand', [200 => Shape::ref('Rehearsed')],
                null,
            ],
        ];
    }

    /**
     * @return list<array{string, string, string, array<int|string, array<string, mixed>|string>, array<string,
     * mixed>|null}>
     */
    private static function jobs(): array
    {
        $text = Shape::TEXT;
        $job = Shape::ref('Job');
        $station = ['station' => Shape::ref('StationName'), 'setting' => $text];
        $stationed = Shape::object($station);
        $list = ['changes' => Shape::list(Shape::ref('Change')), ...$station];
        $client = ['client' => ['type' => ['object', 'null']]];
        $stop = ['use' => $text, 'code' => $text, 'about' => $text, 'value' => true, 'reason' => $text, ...$station];

        return [
            [
                'get', '/api/jobs', 'Jobs by due date',
                [
                    200 => Shape::whole(
                        ['jobs' => Shape::list(Shape::ref('JobRow')), 'page' => Shape::INT, 'more' => Shape::BOOL],
                    ),
                ],
                null,
            ],
            ['post', '/api/jobs', 'A new job', [201 => $job], Shape::object([...$list, ...$client])],
            [
                'post', '/api/jobs/import', 'A job from its file or zip',
                [201 => Shape::whole(['number' => Shape::INT])],
                Shape::object(['file' => $text, 'same_client' => Shape::BOOL], ['file']),
            ],
            ['get', '/api/jobs/{job}', 'A job with all its answers', [200 => $job], null],
            [
                'post', '/api/jobs/{job}/reckon',
                'All answers with unsaved changes, or with `page` the station’s own; nothing is kept',
                [200 => $job, 409 => Shape::ref('Problem')],
                Shape::object([...$list, 'page' => Shape::BOOL], ['changes']),
            ],
            [
                'post', '/api/jobs/{job}/changes', 'Saves changes; 409 where a present value is not `from`',
                [200 => $job], Shape::object($list, ['changes']),
            ],
            [
                'post', '/api/jobs/{job}/undo', 'Takes back the last thing that this person typed', [200 => $job],
                $stationed,
            ],
            [
                'post', '/api/jobs/{job}/redo', 'Puts back what this person took back last', [200 => $job], $stationed,
            ],
            [
                'post', '/api/jobs/{job}/like', 'A new job like this one', [201 => $job],
                Shape::object(['same_commission' => Shape::BOOL]),
            ],
            [
                'post', '/api/jobs/{job}/client', 'Whose piece it is; 409 with `known` where a new name is known',
                [200 => $job], Shape::object([...$client, ...$station]),
            ],
            [
                'post', '/api/jobs/{job}/stations/{station}',
                'Signs a station off as it was seen, reopens it, or says it is not needed', [200 => $job],
                Shape::object(
                    [
                        'state' => Shape::oneOf(['signed', 'reopened', 'not-needed', 'open']), 'version' => Shape::INT,
                        ...$station,
                    ],
                    ['state'],
                ),
            ],
            [
                'post', '/api/jobs/{job}/overrides', 'Overrides a stop, with a reason', [200 => $job],
                Shape::object($stop, ['use', 'code', 'about', 'reason']),
            ],
            [
                'post', '/api/jobs/{job}/rows/{group}/{key}/out', 'Takes a stone, a piece, a part or a joint out',
                [200 => $job], $stationed,
            ],
            [
                'post', '/api/jobs/{job}/stones/{key}/move', 'Gives a stone to another piece of the commission',
                [200 => $job], Shape::object(['to' => Shape::INT, ...$station], ['to']),
            ],
            [
                'post', '/api/jobs/{job}/parts/take', 'Takes the casting of another piece as a part', [200 => $job],
                Shape::object(['to' => Shape::INT, ...$station], ['to']),
            ],
            [
                'post', '/api/jobs/{job}/assembly', 'Enters the parts and joints that the job tells of', [200 => $job],
                $stationed,
            ],
            [
                'post', '/api/jobs/{job}/close', 'Delivers, abandons or opens again', [200 => $job],
                Shape::object(
                    ['how' => Shape::oneOf(['delivered', 'abandoned', 'open']), 'reason' => Shape::orNull($text)],
                    ['how'],
                ),
            ],
            [
                'get', '/api/jobs/{job}/figures', 'What the workshop’s present figures would change',
                [200 => Shape::whole(['differences' => Shape::list(Shape::ref('Difference'))])], null,
            ],
            ['post', '/api/jobs/{job}/figures', 'Takes the workshop’s present figures', [200 => $job], $stationed],
            [
                'get', '/api/jobs/{job}/history', 'Who changed what, and when',
                [200 => Shape::whole(['entries' => Shape::list(Shape::ref('Entry'))])], null,
            ],
            ['get', '/api/jobs/{job}/file', 'The job as a file', [200 => ['type' => 'object']], null],
            ['get', '/api/jobs/{job}/zip', 'The job and its pictures', [200 => 'application/zip'], null],
            ['get', '/api/jobs/{job}/drawings/{view}.{kind}', 'A drawing at life size', [200 => 'image/svg+xml'], null],
            [
                'post', '/api/jobs/{job}/solid', 'The piece as a solid, with what is being typed',
                [200 => Shape::ref('Solid')], Shape::object([
                    'changes' => Shape::list(Shape::ref('Change')),
                    'stage' => Shape::oneOf(array_column(Stage::cases(), 'value')), 'fine' => Shape::BOOL,
                ], ['changes']),
            ],
            [
                'get', '/api/jobs/{job}/solid/{stage}.{kind}', 'The piece as a file: STL, 3MF, or a still picture',
                [200 => 'model/stl'], null,
            ],
            [
                'post', '/api/jobs/{job}/pattern', 'Reads a pattern made elsewhere, STL or 3MF',
                [200 => Shape::ref('PatternRead')],
                Shape::object(['file' => $text, 'carries' => Shape::BOOL], ['file', 'carries']),
            ],
            [
                'get', '/api/jobs/{job}/pattern/progress', 'How much of a pattern that was sent has been read',
                [200 => Shape::ref('PatternProgress')], null,
            ],
            [
                'post', '/api/jobs/{job}/pictures', 'Keeps a picture',
                [201 => Shape::whole(['version' => Shape::INT, 'pictures' => Shape::list(['type' => 'object'])])],
                Shape::object(['picture' => $text, 'caption' => $text, 'about' => $text], ['picture']),
            ],
            [
                'get', '/api/jobs/{job}/pictures/{key}/scale', 'What is measured on a picture',
                [200 => Shape::ref('PictureScale')], null,
            ],
            [
                'post', '/api/jobs/{job}/pictures/{key}/scale', 'Measures on a picture by what is known in it',
                [200 => Shape::ref('PictureScale')], Shape::whole([
                    'known' => $text, 'scale' => ['type' => 'object'], 'lines' => Shape::list(['type' => 'object']),
                ]),
            ],
            ['get', '/api/pictures/{file}', 'A picture', [200 => 'image/*'], null],
        ];
    }

    /**
     * @return list<array{string, string, string, array<int|string, array<string, mixed>|string>, array<string,
     * mixed>|null}>
     */
    private static function client(): array
    {
        $looks = Shape::ref('Looks');
        $text = Shape::TEXT;

        return [
            ['get', '/api/jobs/{job}/looks', 'What the client may be and was shown', [200 => $looks], null],
            [
                'post', '/api/jobs/{job}/looks', 'Sends the client a look', [201 => $looks],
                Shape::object(
                    [
                        'to' => $text, 'arrangements' => Shape::list($text), 'pictures' => Shape::list($text),
                        'days' => Shape::INT,
                        'others' => Shape::list(Shape::object(['alloy' => $text, 'width' => $text])),
                    ],
                    ['to'],
                ),
            ],
            ['post', '/api/looks/{look}/revoke', 'Ends a link', [200 => $looks], null],
            [
                'post', '/api/jobs/{job}/words/{key}/answered', 'A change that the client asked for is answered',
                [200 => $looks], null,
            ],
        ];
    }

    /**
     * @return list<array{string, string, string, array<int|string, array<string, mixed>|string>, array<string,
     * mixed>|null}>
     */
    private static function casting(): array
    {
        $run = Shape::ref('RunPage');
        $done = ['done' => Shape::BOOL];

        return [
            ['get', '/api/casting', 'Burnouts, and what may share one', [200 => Shape::ref('Casting')], null],
            [
                'post', '/api/casting', 'Plans a burnout', [201 => $run],
                Shape::object(
                    ['flasks' => Shape::list(Shape::list(Shape::INT)), 'ready_at' => Shape::orNull(Shape::TEXT)],
                    ['flasks'],
                ),
            ],
            [
                'post', '/api/jobs/{job}/firing', 'Plans the firing of a piece of metal clay', [201 => $run],
                Shape::object(['ready_at' => Shape::orNull(Shape::TEXT)]),
            ],
            ['get', '/api/casting/{run}', 'A burnout or a firing as it goes', [200 => $run], null],
            [
                'post', '/api/casting/{run}/kiln', 'Switches the kiln on or off, or speeds the simulated one',
                [200 => $run],
                Shape::object(
                    ['do' => Shape::oneOf(['on', 'off', 'speed']), 'speed' => ['enum' => CastingController::SPEEDS]],
                    ['do'],
                ),
            ],
            [
                'post', '/api/casting/{run}/fault', 'Gives the simulated kiln a fault', [200 => $run],
                Shape::whole(['kind' => Shape::oneOf(KilnFault::KINDS), 'on' => Shape::BOOL]),
            ],
            ['post', '/api/casting/{run}/alarms/{alarm}', 'An alarm is seen to', [200 => $run], null],
            [
                'post', '/api/flasks/{flask}/step', 'A step of a flask is done, or taken back', [200 => $run],
                Shape::whole(['step' => Shape::oneOf(array_column(CastingStep::cases(), 'value')), ...$done]),
            ],
            [
                'post', '/api/flasks/{flask}/tick', 'A line of the safety list', [200 => $run],
                Shape::whole(['what' => Shape::INT, ...$done]),
            ],
        ];
    }

    /**
     * @return list<array{string, string, string, array<int|string, array<string, mixed>|string>, array<string,
     * mixed>|null}>
     */
    private static function metal(): array
    {
        $metal = Shape::ref('Metal');
        $own = Shape::ref('JobMetal');
        $text = Shape::TEXT;
        $rows = Shape::list(Shape::whole(['lot' => Shape::INT, 'mass' => true]));

        return [
            ['get', '/api/metal', 'Lots, movements and a statement', [200 => $metal], null],
            [
                'post', '/api/metal', 'Receives a lot', [201 => $metal],
                Shape::object(
                    [
                        'alloy' => $text, 'mass' => true, 'name' => $text, 'client_id' => Shape::orNull(Shape::INT),
                        'kind' => $text, 'reason' => $text,
                    ],
                    ['alloy', 'mass'],
                ),
            ],
            [
                'post', '/api/metal/move', 'Moves metal among lots', [201 => $metal],
                Shape::object(
                    ['kind' => $text, 'postings' => $rows, 'loss' => true, 'reason' => $text], ['kind', 'postings'],
                ),
            ],
            ['post', '/api/metal/import', 'Lots from a CSV file', [201 => $metal], Shape::whole(['file' => $text])],
            ['get', '/api/metal/statement.csv', 'A statement as CSV', [200 => 'text/csv'], null],
            [
                'post', '/api/metal/lots/{lot}/weigh', 'What the balance says of a lot', [200 => $metal],
                Shape::whole(['mass' => true]),
            ],
            [
                'post', '/api/metal/movements/{movement}/reverse',
                'Takes a movement back, and what it wrote into a job', [201 => $metal],
                Shape::whole(['reason' => $text]),
            ],
            [
                'post', '/api/jobs/{job}/charge', 'The charge of a job from named lots', [201 => $metal],
                Shape::object(['lots' => $rows, 'casting' => true, 'button' => true], ['lots', 'casting']),
            ],
            [
                'get', '/api/jobs/{job}/metal', 'The metal of a job: in the piece, and of its client elsewhere',
                [200 => $own], null,
            ],
            [
                'post', '/api/jobs/{job}/metal/take', 'Metal from a lot into the piece', [201 => $own],
                Shape::object(['lot' => Shape::INT, 'mass' => true, 'what' => Shape::orNull($text)], ['lot', 'mass']),
            ],
            [
                'post', '/api/jobs/{job}/metal/back', 'Cuttings or filings back out of the piece', [201 => $own],
                Shape::object(
                    [
                        'piece' => Shape::INT, 'mass' => true, 'loss' => true, 'to' => Shape::orNull(Shape::INT),
                        'what' => Shape::orNull($text),
                    ],
                    ['piece', 'mass'],
                ),
            ],
            [
                'post', '/api/jobs/{job}/metal/solder', 'An allowance for the solder of a heat', [201 => $own],
                Shape::object(
                    ['piece' => Shape::INT, 'mass' => true, 'heat' => Shape::orNull($text)], ['piece', 'mass'],
                ),
            ],
            [
                'post', '/api/jobs/{job}/metal/trim', 'The casting trimmed, its sprues back to their lot',
                [201 => $own], Shape::whole(['casting' => true, 'sprues' => true]),
            ],
            [
                'post', '/api/metal/lots/{lot}/assay', 'What a lot of unknown fineness is found to be', [200 => $metal],
                Shape::whole(['alloy' => $text]),
            ],
            [
                'post', '/api/metal/lots/{lot}/credit', 'A client’s metal becomes the workshop’s', [201 => $metal],
                Shape::whole(['reason' => $text]),
            ],
            [
                'post', '/api/jobs/{job}/sizing-metal', 'Metal that sizing lets in or takes out',
                [201 => Shape::whole(['mass' => Shape::NUMBER])], Shape::object(['lot' => Shape::orNull(Shape::INT)]),
            ],
            [
                'post', '/api/jobs/{job}/deliver-metal',
                'The piece leaves the account; where finishing took over a tenth, only if `sure`',
                [201 => Shape::whole(['delivered' => Shape::NUMBER, 'lost' => Shape::NUMBER])],
                Shape::object(['sure' => Shape::BOOL]),
            ],
        ];
    }
}
