<?php

declare(strict_types=1);

namespace HotSprue\Job;

/** Brings a document of an earlier version up to the present one, step by step. Pure. */
final class Upgrade
{
    /**
     * @param  array<array-key, mixed>  $data
     * @return array<string, mixed>
     */
    public static function toPresent(array $data): array
    {
        /** @var array<string, mixed> $data */
        return ($data['version'] ?? null) === 1 ? self::fromOne($data) : $data;
    }

    /**
     * Version 2 keeps stones, the client's words and ticks. A job that was past Form then had no Stones
     * station to sign: it is not needed.
     *
     * @param  array<string, mixed>  $data
     * @return array<string, mixed>
     */
    private static function fromOne(array $data): array
    {
        $stations = (array) ($data['stations'] ?? []);
        if (isset($stations['form']) && ! isset($stations['stones'])) {
            $stations['stones'] = ['state' => 'not-needed', 'by' => '', 'at' => ''];
        }

        return [...$data, 'version' => 2, 'stones' => [], 'words' => [], 'ticks' => [], 'stations' => $stations];
    }
}
