<?php

declare(strict_types=1);

namespace Tools\Contract\Operations;

use HotSprue\Solid\Stage;
use Tools\Contract\Shape;

/** Jobs, their files, drawings and solids. */
final class JobOperations
{
    /**
     * @return list<array{string, string, string, array<int|string, array<string, mixed>|string>, array<string,
     * mixed>|null}>
     */
    public static function all(): array
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
}
