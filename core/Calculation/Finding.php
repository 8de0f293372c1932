<?php

declare(strict_types=1);

namespace HotSprue\Calculation;

/** A judgement call: what, why, what to do; and where the remedy is a number, the number. */
final readonly class Finding
{
    /** @param array<string, float|int|string|bool> $set */
    public function __construct(
        public Level $level,
        public string $code,
        public string $about,
        public string $message,
        public string $remedy,
        public array $set = [],
    ) {}

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'level' => $this->level->value, 'code' => $this->code, 'about' => $this->about,
            'message' => $this->message, 'remedy' => $this->remedy, 'set' => (object) $this->set,
        ];
    }
}
