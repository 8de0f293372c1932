<?php

declare(strict_types=1);

namespace Tools\Contract\Operations;

use Tools\Contract\Shape;

/** The metal account. */
final class MetalOperations
{
    /**
     * @return list<array{string, string, string, array<int|string, array<string, mixed>|string>, array<string,
     * mixed>|null}>
     */
    public static function all(): array
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
