<?php

declare(strict_types=1);

namespace App\Solid;

use HotSprue\Job\JobAnswers;
use HotSprue\Job\PieceSolid;
use HotSprue\Solid\Fineness;
use HotSprue\Solid\Mesh;
use HotSprue\Solid\Part;
use HotSprue\Solid\Stage;
use HotSprue\Solid\Stl;
use HotSprue\Solid\ThreeMf;
use RuntimeException;
use ZipArchive;

/** A piece as a file for a printer, a mill or another program, by the ending of its name. */
final class SolidFile
{
    public const TYPES = ['stl' => 'model/stl', '3mf' => 'model/3mf', 'png' => 'image/png'];

    private const STILL = [960, 720];

    /** @return ?string its bytes; null while there is nothing to show */
    public static function bytes(JobAnswers $answers, Stage $stage, string $kind, string $title): ?string
    {
        $parts = PieceSolid::parts($answers, $stage, $kind === 'png' ? Fineness::Look : Fineness::File);
        if ($parts === []) {
            return null;
        }
        // What is printed, milled or cast is the metal or the wax; stones are set into it.
        $bodies = array_values(array_filter($parts, static fn (Part $part): bool => $part->isBody()));

        return match ($kind) {
            'png' => Png::of(array_values(array_filter(
                $parts, static fn (Part $part): bool => $part->isSeen(),
            )) ?: $parts, ...self::STILL),
            'stl' => Stl::of(Mesh::together(...array_map(
                static fn (Part $part): Mesh => $part->mesh, $bodies,
            )), $title),
            default => self::zipped($bodies, $title),
        };
    }

    /** The stage is in the name, so that a wax is not printed at the finished size. */
    public static function name(int $job, Stage $stage, string $kind): string
    {
        return sprintf('job-%d-%s.%s', $job, match ($stage) {
            Stage::Wax, Stage::Blank => 'wax-shrinkage-and-finishing-included', Stage::Tree => 'tree',
            Stage::Cast => 'as-cast',
            Stage::Finished => 'finished',
        }, $kind);
    }

    /** @param list<Part> $parts */
    private static function zipped(array $parts, string $title): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'solid');
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::OVERWRITE) !== true) {
            throw new RuntimeException('The file could not be put together.');
        }
        foreach ([...ThreeMf::BESIDE, ThreeMf::PATH => ThreeMf::model($parts, $title)] as $name => $text) {
            $zip->addFromString($name, $text);
            // The same bytes for the same job, whenever it is asked for.
            $zip->setMtimeName($name, 315_532_800);
        }
        $zip->close();
        try {
            return (string) file_get_contents($path);
        } finally {
            unlink($path);
        }
    }
}
