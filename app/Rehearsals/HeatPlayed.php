<?php

declare(strict_types=1);

namespace App\Rehearsals;

use HotSprue\Heat\Contact;
use HotSprue\Heat\Link;
use HotSprue\Heat\Move;
use HotSprue\Heat\Node;
use HotSprue\Heat\Piece;
use HotSprue\Heat\Rehearsal;
use HotSprue\Heat\Support;
use HotSprue\Stock\Torch;

/** A heat played through: the piece as it lay, and what no eye sees while the torch burns. */
final readonly class HeatPlayed
{
    /** @param array<string, mixed> $laid the piece before the torch was lit: nodes, links, contacts and outlines */
    private function __construct(
        private Torch $torch, private Support $support, private array $laid, public Rehearsal $rehearsal,
    ) {}

    /** @param list<Move> $moves */
    public static function of(HeatLesson $lesson, Torch $torch, array $moves): self
    {
        return new self($torch, $lesson->support(), $lesson->laid(), $lesson->played($torch, $moves));
    }

    /**
     * What was kept, on the piece as it lay then, whatever has become of lesson, job and figures since.
     *
     * @param  array<string, mixed>  $kept  as `kept()` gave it
     * @param  list<array<string, mixed>>  $moves
     */
    public static function again(array $kept, array $moves): self
    {
        $torch = Torch::from((string) $kept['torch']);
        $piece = new Piece(
            array_values(array_map(Node::read(...), $kept['laid']['nodes'])),
            array_values(array_map(Link::read(...), $kept['laid']['links'])),
            array_values(array_map(Contact::read(...), $kept['laid']['contacts'])),
        );

        return new self(
            $torch, Support::from((string) $kept['support']), $kept['laid'],
            Rehearsal::of($piece, $torch, array_map(Move::kept(...), $moves)),
        );
    }

    /** @return array<string, mixed> what it takes to play it again */
    public function kept(): array
    {
        return ['torch' => $this->torch->value, 'support' => $this->support->value, 'laid' => $this->laid];
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'torch' => $this->torch->value, 'support' => $this->support->value,
            'said' => $this->rehearsal->judgement()->outcome->said(), 'curve' => $this->rehearsal->curve,
            'marks' => $this->rehearsal->marks, 'lines' => $this->rehearsal->lines(), ...$this->laid,
        ];
    }
}
