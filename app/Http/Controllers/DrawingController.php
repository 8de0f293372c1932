<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\JobAnswer;
use App\Models\Job;
use HotSprue\Drawing\DxfWriter;
use HotSprue\Drawing\SvgWriter;
use HotSprue\Drawing\View;
use HotSprue\Job\Station;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** A job's drawings as files at life size: SVG and DXF. */
final class DrawingController
{
    public function show(Request $request, Job $job, string $view, string $kind): Response
    {
        $asked = $request->query('setting');
        $drawing = $this->find($job, $view, is_string($asked) ? $asked : null)
            ?? abort(404, 'This job has no such drawing yet.');
        [$type, $text] = $kind === 'svg' ? ['image/svg+xml', SvgWriter::write($drawing)] : [
            'application/dxf', DxfWriter::write($drawing),
        ];

        return new Response(
            $text, 200,
            [
                'Content-Type' => $type,
                'Content-Disposition' => "attachment; filename=\"job-{$job->number}-{$view}.{$kind}\"",
            ],
        );
    }

    private function find(Job $job, string $name, ?string $setting): ?View
    {
        foreach (Station::cases() as $station) {
            foreach ((new JobAnswer($job, $job->held(), $station, $setting))->drawings() as [, $view]) {
                if ($view->name === $name) {
                    return $view;
                }
            }
        }

        return null;
    }
}
