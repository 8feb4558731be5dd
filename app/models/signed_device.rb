# frozen_string_literal: true

require "digest"
require "securerandom"

# A phone, a tablet or another computer that was let in, and what it may do. Its cookie holds a token of which only the
# hash is kept here.
class SignedDevice < ApplicationRecord
  # what each may: all, or look and press “done”
  ROLES = {"maker" => "may do all", "helper" => "may look and press Done"}.freeze
  # it is written down when it was last here, this often at most
  SEEN_EVERY_S = 60
  # kinds of device, by what its browser calls itself
  KINDS = {/iPad|Tablet|Android(?!.*Mobile)/ => "Tablet", /iPhone|Mobile/ => "Phone"}.freeze

  scope :let_in, -> { where(shut_out_at: nil) }

  validates :role, inclusion: {in: ROLES.keys}

  # @param name [String] as its maker calls it
  # @return [Array(SignedDevice, String)] and its token, told once
  def self.let_in!(name, role, now)
    token = SecureRandom.urlsafe_base64(32)
    name = name.to_s.strip[0, 60].then { |typed| typed.empty? ? "Device" : typed }
    [change { create!(name: name, role: role, token_hash: hash_of(token), signed_in_at: now, seen_at: now) }, token]
  end

  # @param token [String, nil]
  # @return [SignedDevice, nil] one that is not shut out
  def self.by_token(token, now)
    device = token && let_in.find_by(token_hash: hash_of(token))
    device.update_columns(seen_at: now) if device && now - device.seen_at > SEEN_EVERY_S
    device
  end

  def self.hash_of(token) = Digest::SHA256.hexdigest(token.to_s)

  # @param agent [String, nil] what a browser calls itself
  # @return [String] "Phone", "Tablet" or "Computer"
  def self.kind_of(agent) = KINDS.find { |pattern, _| pattern.match?(agent.to_s) }&.last || "Computer"

  def shut_out(now) = self.class.change { update!(shut_out_at: now) }

  def self.shut_all_out(now) = change { let_in.update_all(shut_out_at: now) }
end
