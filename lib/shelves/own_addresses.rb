# frozen_string_literal: true

require "ipaddr"
require "socket"

module Shelves
  # By which addresses and names this computer is reached.
  module OwnAddresses
    ANYWHERE = %w[0.0.0.0 ::].freeze

    module_function

    # @return [Array<String>] of the local network, IPv4 first
    def all
      addresses = Socket.ip_address_list.reject { |address|
        address.ipv4_loopback? || address.ipv6_loopback? || address.ipv6_linklocal? || address.ipv4_multicast? ||
          address.ipv6_multicast?
      }
      addresses.sort_by { |address| address.ipv4? ? 0 : 1 }.map(&:ip_address).uniq
    end

    # @return [Array<String>] this computer's name, and as other devices on the network find it
    def names
      name = Socket.gethostname.to_s.downcase
      name.empty? ? [] : [name, "#{name.delete_suffix(".local")}.local"].uniq
    end

    # @param address [String, nil] of who asks
    def loopback?(address)
      ip = IPAddr.new(address.to_s).native
      ip.loopback?
    rescue IPAddr::Error
      false
    end

    # @param host [String] a name or an address, without a port
    def loopback_name?(host) = host.to_s.downcase == "localhost" || loopback?(host.to_s.delete("[]"))

    # @param host [String] what is listened at
    # @return [Array<String>] where another device finds it
    def reached_at(host)
      return [] if loopback_name?(host)
      ANYWHERE.include?(host) ? all : [host]
    end
  end
end
