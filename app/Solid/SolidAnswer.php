<?php

declare(strict_types=1);

namespace App\Solid;

use HotSprue\Solid\Part;

/** Parts as the screen takes them: their bodies as bytes in text, three numbers a point and three points a triangle. */
final class SolidAnswer
{
    /**
     * @param  list<Part>  $parts
     * @return array{stage: string, told: string, parts: list<array<string, mixed>>}
     */
    public static function of(array $parts, string $stage, string $told): array
    {
        return ['stage' => $stage, 'told' => $told, 'parts' => array_map(static fn (Part $part): array => [
            'kind' => $part->kind, 'name' => $part->name, 'material' => $part->look->material,
            'colour' => $part->look->colour, 'sheen' => $part->look->sheen->value,
            'is_darkened' => $part->look->isDarkened, 'setting' => $part->setting, 'is_body' => $part->isBody(),
            'points' => base64_encode(pack('g*', ...$part->mesh->points)),
            'faces' => base64_encode(pack('V*', ...$part->mesh->faces)),
        ], $parts)];
    }
}
