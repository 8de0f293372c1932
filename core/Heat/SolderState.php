<?php

declare(strict_types=1);

namespace HotSprue\Heat;

/** How the solder at a joint lies. */
enum SolderState: string
{
    case None = 'none';
    case Laid = 'laid';
    case Balled = 'balled';
    case Flowed = 'flowed';

    /** @return list<string> */
    public static function names(): array
    {
        return array_column(self::cases(), 'value');
    }

    /** Whether there is solder that may still flow. */
    public function waits(): bool
    {
        return $this === self::Laid || $this === self::Balled;
    }
}
