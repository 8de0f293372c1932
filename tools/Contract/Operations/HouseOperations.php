<?php

declare(strict_types=1);

namespace Tools\Contract\Operations;

use App\People\Role;
use Tools\Contract\Shape;

/** The workshop itself: who is here, its figures, clocks, devices, tests and rehearsals. */
final class HouseOperations
{
    /**
     * @return list<array{string, string, string, array<int|string, array<string, mixed>|string>, array<string,
     * mixed>|null}>
     */
    public static function all(): array
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
}
