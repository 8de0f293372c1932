<?php

declare(strict_types=1);

namespace HotSprue\Job;

use HotSprue\Fields\Input;
use HotSprue\Form\SideOutline;
use HotSprue\Solid\Fineness;
use HotSprue\Solid\Frame;
use HotSprue\Solid\Look;
use HotSprue\Solid\Mesh;
use HotSprue\Solid\Part;
use HotSprue\Solid\Stage;
use HotSprue\Solid\WireSolid;
use HotSprue\Tree\Legs;

/** A job's wax on its sprues, over its button and in its flask; the fed side of the ring points down. */
final readonly class TreeSolid
{
    /** A button as it is drawn: so much wider than the stem all round, and so deep; mm. */
    private const BUTTON = [3.0, 5.0];

    /** A leg is melted into what it stands on, mm. */
    private const INTO = 0.3;

    public function __construct(private JobAnswers $job, private Fineness $fineness) {}

    /** @return list<Part> */
    public function parts(): array
    {
        $ring = new RingSolid($this->job, Stage::Wax, $this->fineness);
        [$band, $input] = [$ring->band(), $this->job->input('sprue.size')];
        if ($band === null || $input === null || $this->job->answer('sprue.size') === null) {
            return [];
        }
        $isTurned = $input->text('feed_at') !== 'base';
        $standing = Frame::at(0.0, 0.0, 0.0)->leant($isTurned ? 180.0 : 0.0);
        $parts = array_map(static fn (Part $part): Part => new Part(
            $part->kind, $part->name, $part->look, $part->mesh->placed($standing), $part->setting,
        ), $ring->parts());

        return [...$parts, ...$this->sprues($input, $isTurned
            ? new SideOutline($band->innerDiameter, $band->thicknessTop, $band->thicknessBase)
            : new SideOutline($band->innerDiameter, $band->thicknessBase, $band->thicknessTop))];
    }

    /** @return list<Part> */
    private function sprues(Input $input, SideOutline $fed): array
    {
        $count = (int) $this->number('sprue.size', 'count');
        $wire = $input->numOr('sprue_diameter', $this->number('sprue.size', 'stock_diameter'));
        $stem = $this->number('sprue.size', 'stem_diameter');
        $foot = -$fed->radius(0.0) - $input->num('length');
        $end = $count > 1 ? $foot - $input->num('stem_length') : $foot;
        $legs = array_map(function (float $angle) use ($fed, $foot, $wire): Mesh {
            $into = $fed->radius($angle) - self::INTO;

            return WireSolid::between(
                [$into * sin($angle), 0.0, -$into * cos($angle)], [0.0, 0.0, $foot], $wire, $this->fineness,
            );
        }, Legs::angles($count, $input->has('y_angle_deg') ? $input->num('y_angle_deg') : null));
        $count === 1 ?: $legs[] = WireSolid::between([0.0, 0.0, $foot], [0.0, 0.0, $end], $stem, $this->fineness);
        $narrow = ($count > 1 ? $stem : $wire) / 2;
        [$wider, $deep] = self::BUTTON;
        $round = $this->fineness->outline();
        $parts = [
            new Part('sprues', 'sprues', Look::wax(), Mesh::together(...$legs)),
            new Part('button', 'button', Look::wax(), WireSolid::turned(
                [[$narrow, $end], [$narrow + $wider, $end - $deep]], $round,
            )),
        ];
        $across = $this->job->value('flask.choose', 'flask_diameter');
        is_numeric($across) && $parts[] = new Part('flask', 'flask', Look::clear(), WireSolid::turned([
            [(float) $across / 2, $end], [(float) $across / 2, $end + $this->number('flask.choose', 'flask_height')],
        ], $round));

        return $parts;
    }

    private function number(string $use, string $result): float
    {
        return (float) $this->job->value($use, $result);
    }
}
