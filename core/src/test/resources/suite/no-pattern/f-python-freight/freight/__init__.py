from .quotes import Quote, QuoteDesk
from .carriers import carrier_for

__all__ = ["Quote", "QuoteDesk", "carrier_for"]
