<?php

declare(strict_types=1);

namespace App\Models;

use DomainException;

/** A new client bears a name that is known already: which is meant is asked, never guessed. */
final class KnownClient extends DomainException
{
    public function __construct(public readonly Client $client)
    {
        parent::__construct(
            "There is a client “{$client->name}” already. Choose her or him, or give a name that tells them apart.",
        );
    }
}
