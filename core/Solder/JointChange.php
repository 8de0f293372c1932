<?php

declare(strict_types=1);

namespace HotSprue\Solder;

/** A change to one or two joints that may free a plan. */
final readonly class JointChange
{
    /** @param non-empty-list<Joint> $joints as they become */
    private function __construct(
        private string $field, private array $joints, public string $words, private ?string $dropped = null,
    ) {}

    public static function guard(Joint $joint): self
    {
        return new self('guard', [$joint->with(guarded: true)], "guard {$joint->id} and use its grade again");
    }

    public static function cold(Joint $joint): self
    {
        return new self(
            'cold', [$joint->with(cold: true)],
            "make {$joint->id} without a torch: riveted, screwed or laser-welded, after the last fire",
        );
    }

    public static function order(Joint $joint, Joint $earlier): self
    {
        return new self(
            'after', [$joint->with(after: $joint->after & ~(1 << $earlier->index))],
            "let {$joint->id} not wait for {$earlier->id}", $earlier->id,
        );
    }

    public static function share(Joint $one, Joint $other, Assembly $assembly): self
    {
        $group = $one->group ?: $other->group ?: self::letter($assembly);

        return new self(
            'same_heat', [$one->with(group: $group), $other->with(group: $group)],
            "make {$one->id} and {$other->id} in one heat",
        );
    }

    public function on(Assembly $assembly): Assembly
    {
        $joints = $assembly->joints;
        foreach ($this->joints as $joint) {
            $joints[$joint->index] = $joint;
        }

        return $assembly->with(array_values($joints));
    }

    /** @return list<string> */
    public function ids(): array
    {
        return array_map(static fn (Joint $joint): string => $joint->id, $this->joints);
    }

    /** @return list<array{joint: string, field: string, value: string|bool}> as the joints' own rows would take them */
    public function edits(): array
    {
        return array_map(fn (Joint $joint): array => [
            'joint' => $joint->id, 'field' => $this->field, 'value' => match ($this->field) {
                'same_heat' => $joint->group,
                'after' => implode(
                    ', ', array_filter((array) $joint->row['after'], fn (string $id): bool => $id !== $this->dropped),
                ),
                default => true,
            }], $this->joints);
    }

    private static function letter(Assembly $assembly): string
    {
        $taken = array_map(static fn (Joint $joint): string => $joint->group, $assembly->joints);

        return current(array_diff(range('A', 'Z'), $taken)) ?: 'heat';
    }
}
