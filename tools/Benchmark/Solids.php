<?php

declare(strict_types=1);

namespace Tools\Benchmark;

use HotSprue\Job\Change;
use HotSprue\Job\Document;
use HotSprue\Job\JobAnswers;
use HotSprue\Job\PieceSolid;
use HotSprue\Job\TypedChanges;
use HotSprue\Solid\Fineness;
use HotSprue\Solid\Mesh;
use HotSprue\Solid\Part;
use HotSprue\Solid\PatternMeasure;
use HotSprue\Solid\Stage;
use HotSprue\Solid\Stl;
use HotSprue\Solid\StlReader;
use HotSprue\Workshop\WorkshopSettings;

/** A ring with a halo of 24 as a solid, and its file read back as somebody else's pattern. */
final class Solids
{
    /** A file of 2,000,000 triangles is read in 15 s; ms for each of these. */
    private const READ = 15_000 / PatternMeasure::MOST;

    /** @return iterable<Measured> */
    public static function measure(int $times): iterable
    {
        $document = self::halo();
        $parts = static fn (Fineness $fineness): array => PieceSolid::parts(
            JobAnswers::of($document, WorkshopSettings::shipped()), Stage::Finished, $fineness,
        );
        $mesh = Mesh::together(...array_map(static fn (Part $part): Mesh => $part->mesh, $parts(Fineness::File)));
        $pieces = str_split(Stl::of($mesh, 'bench'), 1 << 16);
        $size = array_sum(array_map(strlen(...), $pieces));

        yield Measured::of(
            'core, a halo of 24 as a solid', $times, static fn (): array => $parts(Fineness::Look), 150.0,
        );
        yield Measured::of(
            'core, the same for a printer', $times, static fn (): array => $parts(Fineness::File), 600.0,
        );
        yield Measured::of(
            sprintf('core, a pattern of %d triangles read', $mesh->triangles()), max(3, intdiv($times, 5)),
            static function () use ($pieces, $size): void {
                $measure = new PatternMeasure;
                foreach (StlReader::triangles($pieces, $size) as $triangle) {
                    $measure->add($triangle);
                }
                $measure->facts();
            }, self::READ * $mesh->triangles(),
        );
    }

    private static function halo(): Document
    {
        $typed = [
            'brief.finger' => 'US 7', 'brief.alloy' => '18k-yellow', 'form.profile' => 'court',
            'form.width_top' => '4', 'form.width_base' => '2.5', 'form.thickness_top' => '2',
            'stones.a.shape' => 'oval', 'stones.a.width' => '7', 'stones.a.length' => '9',
            'settings.a.style' => 'claws', 'settings.a.stone' => 'a', 'stones.b.shape' => 'round',
            'stones.b.width' => '1.2',
            'settings.b.holds' => 'halo', 'settings.b.style' => 'bead', 'settings.b.count' => '24',
            'settings.b.stone' => 'b',
        ];
        $changes = array_map(
            static fn (string $path, mixed $to): Change => new Change($path, null, $to), array_keys($typed), $typed,
        );

        return Document::blank()->with(TypedChanges::read($changes, WorkshopSettings::shipped()));
    }
}
