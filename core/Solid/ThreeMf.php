<?php

declare(strict_types=1);

namespace HotSprue\Solid;

/** Parts as the model of a 3MF file, each an object by its own name; mm. Source: workbook 19, out. */
final class ThreeMf
{
    public const PATH = '3D/3dmodel.model';

    private const CORE = 'http://schemas.microsoft.com/3dmanufacturing/core/2015/02';

    /** What stands beside the model in the zip, by path. */
    public const BESIDE = [
        '[Content_Types].xml' => '<?xml version="1.0" encoding="UTF-8"?>'
            .'<Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types">'
            .'<Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/>'
            .'<Default Extension="model" ContentType="application/vnd.ms-package.3dmanufacturing-3dmodel+xml"/>'
            .'</Types>',
        '_rels/.rels' => '<?xml version="1.0" encoding="UTF-8"?>'
            .'<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships">'
            .'<Relationship Target="/3D/3dmodel.model" Id="model" '
            .'Type="http://schemas.microsoft.com/3dmanufacturing/2013/01/3dmodel"/></Relationships>',
    ];

    /** @param list<Part> $parts */
    public static function model(array $parts, string $title): string
    {
        $objects = $items = '';
        foreach ($parts as $at => $part) {
            $id = $at + 1;
            $name = self::escaped($part->name);
            $objects .= "<object id=\"{$id}\" type=\"model\" name=\"{$name}\">".self::mesh($part->mesh).'</object>';
            $items .= "<item objectid=\"{$id}\"/>";
        }

        return '<?xml version="1.0" encoding="UTF-8"?><model unit="millimeter" xmlns="'.self::CORE.'">'
            .'<metadata name="Title">'.self::escaped($title).'</metadata>'
            ."<resources>{$objects}</resources><build>{$items}</build></model>";
    }

    private static function mesh(Mesh $mesh): string
    {
        $vertices = $triangles = '';
        foreach (array_chunk($mesh->points, 3) as [$x, $y, $z]) {
            $vertices .= sprintf('<vertex x="%.6F" y="%.6F" z="%.6F"/>', $x, $y, $z);
        }
        foreach (array_chunk($mesh->faces, 3) as [$a, $b, $c]) {
            $triangles .= "<triangle v1=\"{$a}\" v2=\"{$b}\" v3=\"{$c}\"/>";
        }

        return "<mesh><vertices>{$vertices}</vertices><triangles>{$triangles}</triangles></mesh>";
    }

    private static function escaped(string $text): string
    {
        return htmlspecialchars($text, ENT_XML1 | ENT_QUOTES);
    }
}
