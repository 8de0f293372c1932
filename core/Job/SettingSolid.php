<?php

declare(strict_types=1);

namespace HotSprue\Job;

use HotSprue\Fields\Input;
use HotSprue\Form\Band;
use HotSprue\Solid\Fineness;
use HotSprue\Solid\Frame;
use HotSprue\Solid\GallerySolid;
use HotSprue\Solid\HeadSolid;
use HotSprue\Solid\Look;
use HotSprue\Solid\Mesh;
use HotSprue\Solid\Part;
use HotSprue\Solid\PlateSolid;
use HotSprue\Solid\Stage;

/** One setting as a solid where it stands on its ring: its collet, claws, plate or gallery, and its stones. */
final readonly class SettingSolid
{
    public function __construct(
        private JobAnswers $row, private Band $band, private Stage $stage, private Fineness $fineness,
    ) {}

    /** @return list<Part> */
    public function parts(): array
    {
        $isOnRing = $this->stage === Stage::Finished || $this->row->setting()->made() === 'cast';

        return [
            ...($isOnRing ? $this->metal() : []),
            ...($this->stage === Stage::Finished ? $this->seated() : []),
        ];
    }

    /** @return list<Part> its stones, and what is cut from the band for them */
    private function seated(): array
    {
        $stones = new SeatedStones($this->row, $this->frame(...));
        $isInBand = in_array($this->row->setting()->style(), SettingRow::IN_BAND, true);

        return [...$stones->parts(), ...($isInBand ? $stones->cuts($this->band->thicknessTop) : [])];
    }

    /** Where its foot stands, and which way it looks. */
    public function frame(?float $degrees = null, ?float $across = null, float $over = 0.0): Frame
    {
        $place = $this->place();
        $said = static fn (string $name): float => $place?->numOr($name, 0.0) ?? 0.0;
        $degrees ??= $said('angle');
        $radius = $this->band->innerDiameter / 2 + $this->band->thickness(deg2rad($degrees));

        return Frame::onRing($degrees, $radius + $said('height') + $over, $across ?? $said('across'))
            ->turned($said('turn'))->leant($said('tilt'));
    }

    /** @return list<Part> */
    private function metal(): array
    {
        $bodies = array_filter([
            'collar' => $this->bezel() ?? $this->tube(), 'claws' => $this->claws(), 'plate' => $this->plate(),
            'gallery' => $this->gallery(),
        ]);
        // A head cast with its ring has shrunk with it, and has its finishing still to lose.
        $grown = $this->stage === Stage::Wax ? $this->grown() : 1.0;

        return array_map(fn (string $kind, Mesh $mesh): Part => new Part(
            $kind, $this->row->setting()->name(), $this->look(), $mesh->scaled($grown)->placed($this->frame()),
            $this->row->setting()->key(),
        ), array_keys($bodies), array_values($bodies));
    }

    private function look(): Look
    {
        return JobMetalLook::of($this->row, $this->stage, $this->row->input('seat.bezel')?->textOrNull('alloy')
            ?? $this->row->document->text('brief.alloy'));
    }

    private function bezel(): ?Mesh
    {
        [$input, $answer] = [$this->row->input('seat.bezel'), $this->row->answer('seat.bezel')];
        if ($input === null || $answer === null) {
            return null;
        }
        $finish = $this->stage === Stage::Finished
            ? 0.0 : $answer->num('wall_in_wax') / $this->grown() - $input->num('wall');

        return HeadSolid::bezel($input, $answer, $this->fineness, $finish, $this->footRadius());
    }

    private function tube(): ?Mesh
    {
        [$input, $answer] = [$this->row->input('seat.tube'), $this->row->answer('seat.tube')];

        return $input === null || $answer === null
            ? null : HeadSolid::tube($input, $answer, $this->fineness, $this->footRadius());
    }

    private function claws(): ?Mesh
    {
        $answer = $this->row->answer('seat.claw');

        return $answer === null ? null : HeadSolid::claws($answer, $this->fineness, $this->footRadius());
    }

    /** A cluster's plate with its claws, its upper side where the centre's girdle lies. */
    private function plate(): ?Mesh
    {
        [$input, $answer] = [$this->row->input('layout.cluster'), $this->row->answer('layout.cluster')];
        if ($input === null || $answer === null) {
            return null;
        }
        $up = $this->girdle();
        $outline = array_map(
            static fn (array $at): array => [(float) $at['x_mm'], (float) $at['y_mm']],
            array_values((array) $answer->value('plate')),
        );
        $thick = $input->num('plate_thickness');

        return Mesh::together(PlateSolid::of($outline, $up - $thick, $thick), HeadSolid::wires(
            array_values((array) $answer->value('claws')), $answer->num('wire'), $up - $thick / 2,
            $up + $input->num('standing'), $this->fineness,
        ));
    }

    /** The rings under a head, and struts at its claws. */
    private function gallery(): ?Mesh
    {
        [$input, $answer] = [$this->row->input('seat.gallery'), $this->row->answer('seat.gallery')];
        if ($input === null || $answer === null) {
            return null;
        }
        $claws = $this->row->value('seat.claw', 'places') ?? array_filter(
            (array) $this->row->value('layout.cluster', 'claws'),
            static fn (array $claw): bool => $claw['kind'] === 'outer',
        );
        $frame = Frame::at(0.0, 0.0, SeatedStones::girdleOf($this->row));

        return GallerySolid::of($input, $answer, $this->fineness, array_values((array) $claws))->placed($frame);
    }

    /** Underside of the centre's girdle over the foot. */
    private function girdle(): float
    {
        return $this->row->setting()->beside() === null
            ? SeatedStones::girdleOf($this->row) : SeatedStones::girdleOf($this->row->setting()->beside());
    }

    /** The band under it, across the finger; null where it leans, or stands clear of the band. */
    private function footRadius(): ?float
    {
        $place = $this->place();
        $isFlat = $place === null || $place->numOr('height', 0.0) > 0 || $place->numOr('tilt', 0.0) !== 0.0
            || fmod($place->numOr('turn', 0.0), 180.0) !== 0.0;

        return $isFlat ? null : $this->band->innerDiameter / 2 + $this->band->thicknessTop;
    }

    private function grown(): float
    {
        $cast = $this->row->value('wax.dimensions', 'bore_as_cast');
        $wax = $this->row->value('wax.dimensions', 'bore');

        return is_numeric($cast) && is_numeric($wax) ? (float) $wax / (float) $cast : 1.0;
    }

    private function place(): ?Input
    {
        return ($this->row->setting()->beside() ?? $this->row)->input('setting.place');
    }
}
