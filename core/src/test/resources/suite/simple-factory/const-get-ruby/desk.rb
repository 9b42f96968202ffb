require_relative 'letters'

class Desk
  def answer(yes)
    Letters.write(yes ? 'invitation' : 'refusal').body
  end
end
