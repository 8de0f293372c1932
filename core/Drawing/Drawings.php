<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

use HotSprue\Calculation\Answer;
use HotSprue\Fields\Input;
use HotSprue\Workshop\WorkshopSettings;

/** The drawings that go with a sheet’s answer. */
final class Drawings
{
    /** Calculations that are drawn at the stations of a job; the rest are drawn among the sums alone. */
    public const AT_STATIONS = [
        'size.convert', 'form.band', 'wax.dimensions', 'stone.outline', 'seat.claw', 'layout.halo', 'layout.cluster',
        'seat.bezel', 'seat.depth', 'setting.place', 'layout.row', 'layout.grid', 'layout.lettering', 'blank.choose',
        'sprue.size', 'flask.choose', 'burnout.programme', 'tree.pack', 'burnout.core', 'pour.fill', 'spin.balance',
        'metal.charge', 'strip.length', 'size.change', 'join.plan', 'set.sequence', 'finish.plan', 'hand.over',
        'cast.check', 'investment.mix',
    ];

    /** @return list<View> */
    public static function of(Input $input, Answer $answer, WorkshopSettings $settings): array
    {
        return match ($answer->sheet) {
            'size.convert' => FingerDrawing::views($answer),
            'form.band' => FormDrawing::views($input, $answer),
            'wax.dimensions' => WaxDrawing::views($input, $answer),
            'stone.outline', 'seat.claw', 'layout.halo',
            'layout.cluster' => StonePlan::views([$answer->sheet => [$input, $answer]]),
            'seat.bezel' => [
                ...StonePlan::views([$answer->sheet => [$input, $answer]]),
                ...SeatDrawing::bezel($input, $answer, $settings),
            ],
            'seat.depth' => SeatDrawing::band($input, $answer, $settings),
            'setting.place' => PlaceDrawing::views($input, $answer),
            'layout.row' => RowDrawing::views($input, $answer),
            'layout.grid' => GridDrawing::views($input, $answer),
            'layout.lettering' => GridDrawing::letters($answer),
            'blank.choose' => BlankDrawing::views($input, $answer, $settings),
            'sprue.size' => SprueDrawing::views($input, $answer),
            'flask.choose' => FlaskDrawing::views($input, $answer),
            'burnout.programme' => KilnDrawing::views($answer),
            'tree.pack' => RoomDrawing::tree($input, $answer),
            'burnout.core' => RoomDrawing::core($answer),
            'pour.fill' => RoomDrawing::fill($answer),
            'spin.balance' => RoomDrawing::arm($input, $answer),
            'metal.charge' => ChargeDrawing::views($answer),
            'strip.length' => BenchDrawing::strip($input, $answer),
            'size.change' => BenchDrawing::sizing($input, $answer),
            'join.plan' => JointMap::views($input, $answer),
            'set.sequence' => BenchDrawing::push($input, $answer),
            'finish.plan' => BenchDrawing::finish($input, $answer),
            'hand.over' => BenchDrawing::handOver($input, $answer),
            'cast.check' => CastDrawing::views($input),
            'seat.gallery' => GalleryDrawing::views($input, $answer),
            'pour.temperatures' => HeatScale::views($answer),
            'time.steps' => ThreadDrawing::views($answer),
            'time.plan' => PlanDrawing::week($input, $answer),
            'time.promise' => PromiseDrawing::views($answer),
            'price.quote' => QuoteDrawing::views($answer),
            'own.figure' => SamplesDrawing::views($input, $answer),
            'plate.cut' => StockDrawing::sheet($input, $answer),
            'stock.cut' => StockDrawing::bar($input, $answer),
            'inlay.fit' => InlayDrawing::views($input, $answer),
            'investment.mix' => InvestmentDrawing::views($input, $answer),
            'care.check' => StandsDrawing::views($answer),
            'stone.weight' => StoneSide::stone($input, $answer),
            'seat.round' => StoneSide::seat($input, $answer),
            'size.fit' => RingPairDrawing::fit($input, $answer),
            'wax.predict' => RingPairDrawing::wax($input, $answer),
            'clay.ring' => RingPairDrawing::clay($input, $answer),
            'wire.ring' => RingPairDrawing::wire($input, $answer),
            'seam.fit' => RingPairDrawing::seam($input, $answer),
            'layout.divide' => LineDrawing::parts($input, $answer),
            'layout.symmetry' => LineDrawing::pairs($input, $answer),
            'bench.order' => StepsDrawing::order($answer),
            'tools.list' => StepsDrawing::tools($answer),
            'join.advice' => StepsDrawing::flame($input, $answer),
            'wax.density' => StepsDrawing::block($input),
            'set.push' => RehearsedDrawing::push($input, $answer),
            'pour.minute' => RehearsedDrawing::pour($answer),
            'heat.piece' => HeatDrawing::piece($answer),
            'heat.step' => HeatDrawing::moment($answer),
            default => BarsDrawing::views($input, $answer),
        };
    }
}
