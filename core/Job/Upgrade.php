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
        $data = ($data['version'] ?? null) === 1 ? self::fromOne($data) : $data;

        return ($data['version'] ?? null) === 2 ? self::fromTwo($data) : $data;
    }

    /**
     * Version 3 keeps parts, joints and pieces cut from stock. A job that was closed then had no bench to pass.
     *
     * @param  array<string, mixed>  $data
     * @return array<string, mixed>
     */
    private static function fromTwo(array $data): array
    {
        $stations = (array) ($data['stations'] ?? []);
        if (is_array($data['closed'] ?? null)) {
            foreach (['join', 'set', 'finish', 'handover'] as $bench) {
                $stations[$bench] ??= ['state' => 'not-needed', 'by' => '', 'at' => ''];
            }
        }

        return [...$data, 'version' => 3, 'cuts' => [], 'parts' => [], 'joints' => [], 'stations' => $stations];
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
