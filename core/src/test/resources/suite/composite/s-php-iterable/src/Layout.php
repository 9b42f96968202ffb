<?php
namespace Site;

use Site\Menu\Entry;
use Site\Menu\Link;
use Site\Menu\Section;
use Site\Menu\Separator;

final class Layout
{
    public function __construct(private Entry $menu)
    {
    }

    public static function standard(): self
    {
        return new self((new Section('Main', new Link('Home', '/'), new Separator()))->add(new Link('Shop', '/shop')));
    }

    public function page(string $body): string
    {
        return $this->menu->html() . $body;
    }
}
