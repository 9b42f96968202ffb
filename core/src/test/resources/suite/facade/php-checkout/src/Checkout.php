<?php
namespace Aldera\Checkout;
class Checkout
{
    public function __construct(private Stock $stock, private Payment $payment, private Delivery $delivery) {}
    public function buy(string $item, int $cents): string
    {
        if (!$this->stock->reserve($item)) { return 'sold out'; }
        $receipt = $this->payment->charge($cents);
        return $receipt . ' ' . $this->delivery->plan($item);
    }
}
