<?php
namespace Aldera\Chart;

class Icon
{
    public int $used = 0;

    public function __construct(private string $name, private string $svg)
    {
    }

    public function draw(int $x, int $y): string
    {
        $this->used++;
        return "<g transform='translate($x,$y)'>{$this->svg}</g>";
    }
}

class IconSet
{
    /** @var array<string, Icon> */
    private static array $icons = [];

    public static function named(string $name): Icon
    {
        if (!isset(self::$icons[$name])) {
            self::$icons[$name] = new Icon($name, file_get_contents("icons/$name.svg"));
        }
        return self::$icons[$name];
    }
}

class Chart
{
    public function buoys(array $places): string
    {
        $out = '';
        foreach ($places as [$x, $y]) {
            $out .= IconSet::named('buoy')->draw($x, $y);
        }
        $out .= (new Icon('ship', '<path/>'))->draw(0, 0);
        return $out;
    }
}
