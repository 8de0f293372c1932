<?php

declare(strict_types=1);

namespace Tools\Fuzzing;

use Illuminate\Http\Request;

/** One request to be sent, and the route of the contract that it is meant for. */
final readonly class FuzzRequest
{
    public function __construct(
        public string $verb, public string $route, public Request $request, public string $body,
    ) {}

    /** Enough of it to send it again by hand. */
    public function said(): string
    {
        $body = mb_scrub(mb_strcut($this->body, 0, 600));

        return strtoupper($this->verb).' '.$this->request->getRequestUri().($body === '' ? '' : " {$body}");
    }
}
