<?php

declare(strict_types=1);

namespace Tools\Contract\Operations;

use Tools\Contract\Shape;

/** What a client is shown, and says. */
final class ClientOperations
{
    /**
     * @return list<array{string, string, string, array<int|string, array<string, mixed>|string>, array<string,
     * mixed>|null}>
     */
    public static function all(): array
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
}
