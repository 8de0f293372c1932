<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\WorkshopTime;
use App\Http\Requests\RawJson;
use App\Models\Workshop;
use App\Solid\SolidAnswer;
use HotSprue\Asking\Asking;
use HotSprue\Asking\Suggestion;
use HotSprue\Calculation\Answer;
use HotSprue\Calculation\RowWords;
use HotSprue\Calculations;
use HotSprue\Drawing\Drawings;
use HotSprue\Drawing\View;
use HotSprue\Fields\Field;
use HotSprue\Fields\Input;
use HotSprue\Measures\Moment;
use HotSprue\Measures\Quantity;
use HotSprue\Solid\SolidTold;
use HotSprue\Solid\Stage;
use HotSprue\Solid\SumSolid;
use HotSprue\Workshop\WorkshopSettings;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Any sheet without a job. */
final class ReckonController
{
    /** The bare answer, under the shipped defaults or the `rules` among the inputs. */
    public function reckon(Request $request, string $sheet): JsonResponse
    {
        Calculations::named($sheet);

        return new JsonResponse(Calculations::answer($sheet, RawJson::object($request->getContent()))->toArray());
    }

    /** The answer under the workshop's own figures, with its drawing and where each input came from. */
    public function sum(Request $request, string $sheet): JsonResponse
    {
        $calculation = Calculations::named($sheet);
        $settings = Workshop::the()->rulebook->settings();
        $fields = Calculations::describe($sheet)->inputs;
        $input = Input::read($fields, self::inZone($fields, RawJson::object($request->getContent())), $settings);
        $answer = $calculation->reckon($input, $settings);

        $inputs = [];
        foreach ($input->values() as $name => $value) {
            $inputs[$name] = ['value' => $value, 'origin' => $input->origin($name)->value, 'path' => $name];
        }

        return new JsonResponse([
            'answer' => $answer->toArray(),
            'inputs' => (object) $inputs,
            'views' => array_map(
                static fn (View $view): array => ['use' => $sheet, ...$view->toArray()],
                Drawings::of($input, $answer, $settings),
            ),
            'columns' => (object) self::columns($sheet, $answer->toArray()['results']),
            'may_turn' => SumSolid::has($sheet),
            ...($request->boolean('solid') ? ['solid' => self::solid($sheet, $input, $answer, $settings)] : []),
        ]);
    }

    /** @return array<string, mixed> */
    private static function solid(string $sheet, Input $input, Answer $answer, WorkshopSettings $settings): array
    {
        $parts = SumSolid::parts($sheet, $input, $answer, $settings);
        $volume = $answer->value('volume_mm3');

        return SolidAnswer::of(
            $parts, Stage::Finished->value,
            SolidTold::words($parts, Stage::Finished, is_numeric($volume) ? (float) $volume : 0.0),
        );
    }

    /** The sums that may be meant by what somebody typed, the likeliest first. */
    public function ask(Request $request): JsonResponse
    {
        $said = mb_substr(trim((string) $request->string('said')), 0, 200);
        $settings = Workshop::the()->rulebook->settings();
        $found = $said === '' ? [] : Asking::about($said, $settings, $settings->text('units.size'));

        return new JsonResponse(['found' => array_map(
            static fn (Suggestion $one): array => $one->toArray(), $found,
        )]);
    }

    /**
     * What the columns of listed results are called.
     *
     * @return array<string, list<array{name: string, label: string, quantity: ?string}>>
     */
    private static function columns(string $sheet, object $results): array
    {
        $columns = [];
        foreach (Calculations::describe($sheet)->results as $output) {
            $rows = $results->{$output->name}['value'] ?? null;
            $first = is_array($rows) ? ($rows[0] ?? null) : null;
            if ($output->quantity !== Quantity::Rows || ! is_array($first) || array_is_list($first)) {
                continue;
            }
            $columns[$output->name] = array_map(static fn (string $name): array => [
                'name' => $name, 'label' => RowWords::label($name), 'quantity' => RowWords::quantity($name)?->value,
            ], array_values(array_filter(array_keys($first), RowWords::isShown(...))));
        }

        return $columns;
    }

    /**
     * Hours as the workshop's clocks say them.
     *
     * @param  list<Field>  $fields
     * @param  array<array-key, mixed>  $raw
     * @return array<array-key, mixed>
     */
    private static function inZone(array $fields, array $raw): array
    {
        foreach ($fields as $field) {
            $said = $raw[$field->name] ?? null;
            if ($field->quantity === Quantity::Moment && is_string($said) && Moment::isOne($said)) {
                $raw[$field->name] = Moment::inZone($said, WorkshopTime::zone());
            }
        }

        return $raw;
    }
}
