module Customs
  class Duty
    def due(consignment)
      base = taxable(consignment)
      return 0 if base <= allowance

      ((base - allowance) * rate).round
    end

    private

    def allowance = 0
    def rate = raise(NotImplementedError)
    def taxable(consignment) = consignment.value
  end

  class TobaccoDuty < Duty
    private

    def rate = 0.6
    def taxable(consignment) = consignment.select { |good| good.kind == :tobacco }.sum(&:value)
  end

  class GeneralDuty < Duty
    private

    def allowance = 430
    def rate = 0.1
  end
end
