<?php

declare(strict_types=1);

namespace App\People;

/** What a role allows. Every route that is not for all names one. */
enum Ability: string
{
    case Read = 'read';
    case Work = 'work';
    case Metal = 'metal';
    case Client = 'client';
    case Shop = 'shop';
    case People = 'people';

    /** What somebody without it is told. */
    public function refusal(): string
    {
        return 'This is for '.match ($this) {
            self::Read => 'people of the workshop.',
            self::Work => 'those who work at the bench; you may read here.',
            self::Metal => 'those who keep the metal account: a goldsmith or the owner.',
            self::Client => 'those who deal with clients: a goldsmith or the owner.',
            self::Shop => 'those who keep the workshop’s figures: a goldsmith or the owner.',
            self::People => 'the workshop’s owner.',
        };
    }
}
